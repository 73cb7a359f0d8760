<?php

declare(strict_types=1);

namespace InchLadder\Things;

use InchLadder\Impossible;

/** A shape without width or height. */
final class ShapeFlat extends Impossible
{
    public static function called(string $name): self
    {
        return new self('flat', ['name' => $name]);
    }

    public function choice(): string
    {
        return 'shapes';
    }
}
