<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;
use InchLadder\Pixels\Transition;

/** The place where a contour crosses one side of a cell. */
final readonly class Crossing
{
    private function __construct(
        public Side $side,
        /** Share of the side, 0…1. */
        public float $at,
        public EyeFraction $eye,
        /** On the paper, from the side's left end or its top. */
        public Rounded $paper,
        /** Levels of 255 by which it grows lighter (+) or darker (−) along the side. */
        public float $change,
    ) {
    }

    /** @param  Size  $cell  on the paper */
    public static function of(Side $side, Transition $step, Size $cell, Graduation $ruler): self
    {
        $share = Rational::near(max(0.0, min(1.0, $step->at)));

        return new self($side, $share->toFloat(), EyeFraction::of($share), $ruler->round(($side->isUpright() ? $cell->height : $cell->width)->times($share)), $step->change);
    }
}
