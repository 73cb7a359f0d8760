<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Impossible;

final class SpanWithoutLength extends Impossible
{
    public static function named(string $name): self
    {
        return new self('nowhere', ['name' => $name]);
    }

    public function choice(): string
    {
        return 'spans';
    }
}
