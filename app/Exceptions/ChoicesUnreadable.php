<?php

declare(strict_types=1);

namespace App\Exceptions;

use InchLadder\Impossible;

/** A drawing whose kept choices are no document any more. */
final class ChoicesUnreadable extends Impossible
{
    public static function document(): self
    {
        return new self('What was kept of this drawing is damaged and cannot be read; undo goes back to how it was before.');
    }

    public function choice(): string
    {
        return 'choices';
    }
}
