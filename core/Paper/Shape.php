<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** The outline of the drawing. The grid is made on its box and clipped to it. */
enum Shape: string
{
    case Rectangle = 'rectangle';
    case Oval = 'oval';
    case Circle = 'circle';

    /** The part of the usable paper a drawing of this outline can take. */
    public function inside(Size $usable): Size
    {
        return $this === self::Circle ? $usable->largestInside(Rational::one()) : $usable;
    }
}
