<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use InchLadder\Impossible;

/** Corners that no sheet can have on a shot. */
final class CornersUnusable extends Impossible
{
    public static function tooFew(): self
    {
        return new self('too few');
    }

    public static function onALine(): self
    {
        return new self('on a line');
    }

    public static function crossed(): self
    {
        return new self('crossed');
    }

    public static function outside(): self
    {
        return new self('outside');
    }

    public static function unreadable(): self
    {
        return new self('unreadable');
    }

    public function choice(): string
    {
        return 'shots';
    }
}
