<?php

declare(strict_types=1);

namespace InchLadder\Photo;

/**
 * What is drawn, as far as it governs a plan: how many cells are wanted, how much of the
 * photo may be trimmed, how much stretch and what departure pass. All common practice.
 */
enum Subject: string
{
    case Likeness = 'likeness';
    case Figure = 'figure';
    case StillLife = 'still life';
    case Buildings = 'buildings';
    case Landscape = 'landscape';

    /** Cells wanted over the whole picture. */
    public function cellsWanted(): int
    {
        return match ($this) {
            self::Likeness => 80,
            self::Buildings => 63,
            self::Figure => 48,
            self::StillLife => 35,
            self::Landscape => 20,
        };
    }

    /** Largest share of the photo that may be trimmed, in per cent. */
    public function mostTrimmedPercent(): int
    {
        return match ($this) {
            self::Likeness, self::Figure => 15,
            self::Buildings, self::StillLife => 20,
            self::Landscape => 30,
        };
    }

    /** Stretch that passes unseen on such a subject, in per cent. */
    public function stretchUnseenPercent(): int
    {
        return match ($this) {
            self::Likeness, self::Figure, self::Buildings => 1,
            self::StillLife => 2,
            self::Landscape => 3,
        };
    }

    /** How far a length may depart from what it must be, in per cent of itself. */
    public function departurePercent(): int
    {
        return match ($this) {
            self::Likeness => 2,
            self::Figure, self::Buildings => 3,
            self::StillLife => 5,
            self::Landscape => 8,
        };
    }
}
