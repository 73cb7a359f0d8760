<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** Where copying begins and how it goes on. None is right; each has its reason. */
enum Start: string
{
    case Corner = 'corner';
    case Middle = 'middle';
    case Outside = 'outside';
    case Focal = 'focal';
    case Easiest = 'easiest';
    case Hardest = 'hardest';
    case Joined = 'joined';

    /** Whether it goes on from the cell in hand, wherever that is; else the first open cell of the way is always next. */
    public function goesOn(): bool
    {
        return $this === self::Corner;
    }

    /** Whether it must be known how much there is in each cell. */
    public function asksForContent(): bool
    {
        return $this === self::Easiest || $this === self::Hardest;
    }
}
