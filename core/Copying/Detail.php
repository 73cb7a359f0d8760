<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** How much is drawn: little where paint will cover it, more where the drawing is to stand. The numbers are ours. */
enum Detail: string
{
    case Little = 'little';
    case Some = 'some';
    case All = 'all';

    /** Into how many flat shapes the picture is parted. */
    public function masses(): int
    {
        return match ($this) {
            self::Little => 6, self::Some => 9, self::All => 14,
        };
    }

    /** How many inner lines are kept to find the way by. */
    public function locators(): int
    {
        return match ($this) {
            self::Little => 3, self::Some => 6, self::All => 9,
        };
    }

    /** How long a contour is at least to be told of, from end to end, in sides of a cell. */
    public function shortest(): float
    {
        return match ($this) {
            self::Little => 1.0, self::Some => 0.4, self::All => 0.0,
        };
    }
}
