<?php

declare(strict_types=1);

namespace InchLadder\Things;

use InchLadder\Impossible;

/** A thing that has no width or no height. */
final class ThingWithoutSize extends Impossible
{
    public static function called(string $name): self
    {
        return new self('without size', ['name' => $name]);
    }

    public function choice(): string
    {
        return 'things';
    }
}
