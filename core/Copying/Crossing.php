<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;

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
        /** ΔE across what crosses; 0 of one that a hand put there. */
        public float $contrast,
        /** Of a thin line, on the paper; null of an edge. */
        public ?Length $width,
        public bool $byHand,
    ) {
    }

    /** Whether it is named before another: round the cell from its top, each side from its left end or its top. */
    public function comesBefore(self $other): bool
    {
        return [array_search($this->side, Side::cases(), true), $this->at] < [array_search($other->side, Side::cases(), true), $other->at];
    }

    /** @param  Size  $cell  on the paper */
    public static function of(Side $side, float $at, float $contrast, ?Length $width, bool $byHand, Size $cell, Graduation $ruler): self
    {
        $share = Rational::near(max(0.0, min(1.0, $at)));

        return new self($side, $share->toFloat(), EyeFraction::of($share), $ruler->round(($side->isUpright() ? $cell->height : $cell->width)->times($share)), $contrast, $width, $byHand);
    }
}
