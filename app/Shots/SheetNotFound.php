<?php

declare(strict_types=1);

namespace App\Shots;

use InchLadder\Impossible;

/** A shot on which no sheet is seen. */
final class SheetNotFound extends Impossible
{
    public static function anywhere(): self
    {
        return new self('anywhere');
    }

    public static function tooSmall(): self
    {
        return new self('too small');
    }

    public function choice(): string
    {
        return 'shots';
    }
}
