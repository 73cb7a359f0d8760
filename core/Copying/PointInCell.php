<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;

/** A key point as it lies in its cell. */
final readonly class PointInCell
{
    private function __construct(
        public string $name,
        /** Share of the cell's width, from its left. */
        public Rational $x,
        /** Share of its height, from its top. */
        public Rational $y,
        /** On the paper, from the cell's left line. */
        public Rounded $across,
        /** On the paper, from its top line. */
        public Rounded $down,
        public bool $firm,
    ) {
    }

    /** @param  Size  $cell  on the paper */
    public static function of(string $name, Rational $x, Rational $y, Size $cell, Graduation $ruler, bool $firm = false): self
    {
        return new self($name, $x, $y, $ruler->round($cell->width->times($x)), $ruler->round($cell->height->times($y)), $firm);
    }
}
