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

    public function label(): string
    {
        return match ($this) {
            self::Corner => 'the corner off the hand',
            self::Middle => 'the middle',
            self::Outside => 'round the outside',
            self::Focal => 'the first key point',
            self::Easiest => 'the easiest cell',
            self::Hardest => 'the hardest cell',
            self::Joined => 'where most sides are known',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Corner => 'Row by row, away from the drawing hand, so that nothing done is dragged through.',
            self::Middle => 'Outwards from the middle: the subject is placed first, and what is off shows before the edges are reached.',
            self::Outside => 'Along the frame first and inwards: the silhouette is held by the edges it leaves through.',
            self::Focal => 'Outwards from what must be exact, while the eye is fresh.',
            self::Easiest => 'The plain cells first: a quick start, and anchors for the difficult ones.',
            self::Hardest => 'The busiest cells first, while the eye is fresh; plain ones are left for the end.',
            self::Joined => 'Beside what is done: the neighbours’ crossings say where each contour must come in.',
        };
    }

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
