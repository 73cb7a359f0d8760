<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/**
 * The oval or circle a drawing is clipped to, in the middle of its box. An oval touches all four sides; a circle stays
 * one in a box of any shape, as large as the shorter side takes.
 */
final readonly class Outline
{
    /**
     * @param  Rational  $across  how far it reaches from the middle, as a share of the box's width, in (0, 1/2]
     * @param  Rational  $down  as a share of its height
     */
    private function __construct(public Rational $across, public Rational $down)
    {
    }

    /** Null where the outline is the box itself. */
    public static function of(Shape $shape, Size $box): ?self
    {
        if (! $shape->isRound()) {
            return null;
        }
        $half = Rational::nd(1, 2);
        $ratio = $shape === Shape::Circle ? $box->ratio() : Rational::one();

        return new self(Rational::smaller($half, $half->dividedBy($ratio)), Rational::smaller($half, $half->times($ratio)));
    }

    /**
     * Whether a place lies inside, or on the curve.
     *
     * @param  Rational  $x  share of the box's width
     * @param  Rational  $y  share of its height
     */
    public function holds(Rational $x, Rational $y): bool
    {
        $half = Rational::nd(1, 2);
        [$across, $down] = [$x->minus($half)->dividedBy($this->across), $y->minus($half)->dividedBy($this->down)];

        return ! $across->times($across)->plus($down->times($down))->isGreaterThan(1);
    }

    /**
     * Whether a rectangle lies wholly outside.
     *
     * @param  Rational  $left  shares of the box's width and height; likewise the others
     */
    public function misses(Rational $left, Rational $top, Rational $right, Rational $bottom): bool
    {
        // The point of the rectangle that is nearest to the middle, from there, by how far the outline reaches.
        $half = Rational::nd(1, 2);
        $near = static fn (Rational $from, Rational $to, Rational $reach): Rational => Rational::smaller(Rational::larger($half, $from), $to)->minus($half)->dividedBy($reach);
        [$x, $y] = [$near($left, $right, $this->across), $near($top, $bottom, $this->down)];

        return ! $x->times($x)->plus($y->times($y))->isLessThan(1);
    }
}
