<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** The outline of the drawing. The grid is made on its box and clipped to an oval or a circle. */
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

    /**
     * Whether a rectangle lies wholly outside the outline.
     *
     * @param  Rational  $left  shares of the drawing area's width and height; likewise the others
     */
    public function misses(Rational $left, Rational $top, Rational $right, Rational $bottom): bool
    {
        if (! $this->isRound()) {
            return false;
        }
        // The point of the rectangle that is nearest to the middle, from there, in halves of the sides.
        $half = Rational::nd(1, 2);
        $near = static fn (Rational $from, Rational $to): Rational => Rational::smaller(Rational::larger($half, $from), $to)->minus($half)->times(2);
        [$x, $y] = [$near($left, $right), $near($top, $bottom)];

        return ! $x->times($x)->plus($y->times($y))->isLessThan(1);
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
