<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Impossible;

/** A photograph that no swatches can be read from. */
final class SwatchesUnreadable extends Impossible
{
    public static function noPage(): self
    {
        return new self('no page');
    }

    public static function anotherDrawing(): self
    {
        return new self('another drawing');
    }

    public static function otherPencils(): self
    {
        return new self('other pencils');
    }

    public static function noWedge(): self
    {
        return new self('no wedge');
    }

    public static function noPencils(): self
    {
        return new self('no pencils');
    }

    public static function tooManyPencils(int $most): self
    {
        return new self('too many pencils', ['most' => $most]);
    }

    public function choice(): string
    {
        return 'swatches';
    }
}
