<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** What a drawing is shaped like. The grid is made on its box and clipped to an oval or a circle, its Outline. */
enum Shape: string
{
    case Rectangle = 'rectangle';
    case Oval = 'oval';
    case Circle = 'circle';
    case Strip = 'strip';

    /** Whether the outline cuts into the box. */
    public function isRound(): bool
    {
        return $this === self::Oval || $this === self::Circle;
    }

    /** The part of the usable paper a drawing of this outline can take. */
    public function inside(Size $usable): Size
    {
        return match ($this) {
            self::Circle => $usable->largestInside(Rational::one()),
            self::Strip => $usable->largestInside($usable->isUpright() ? Rational::nd(1, Figures::STRIP) : Rational::of(Figures::STRIP)),
            default => $usable,
        };
    }
}
