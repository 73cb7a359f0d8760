<?php

declare(strict_types=1);

namespace App\Exceptions;

use InchLadder\Impossible;

/** A drawing whose kept choices are no document any more. */
final class ChoicesUnreadable extends Impossible
{
    public static function document(): self
    {
        return new self('damaged');
    }

    public function choice(): string
    {
        return 'choices';
    }
}
