<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Impossible;

final class SpanWithoutLength extends Impossible
{
    public static function named(string $name): self
    {
        return new self("“{$name}” begins and ends at the same place; draw it from one end to the other.");
    }

    public function choice(): string
    {
        return 'spans';
    }
}
