<?php

declare(strict_types=1);

namespace InchLadder\Layout;

/** What becomes of a part of the reference. */
enum RegionUse: string
{
    case NotNeeded = 'not needed';
    case HiddenLater = 'hidden later';
    case ForMeasuring = 'for measuring';
    /** Paper that stays bare. */
    case KeptWhite = 'kept white';

    /** Whether its cells are left out of those to copy. */
    public function spares(): bool
    {
        return $this === self::NotNeeded || $this === self::HiddenLater;
    }
}
