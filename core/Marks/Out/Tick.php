<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rounded;

/** One pencil tick on an edge, or on a line across the board. */
final readonly class Tick
{
    private function __construct(
        /** Names it among all ticks of the board: `top-3`. */
        public string $key,
        /** The gridline, counted from the zero corner's own frame line, 0. */
        public int $line,
        /** From the zero corner. */
        public Rounded $at,
        /** Which laying of the ruler it falls in, from 1. */
        public int $laying,
        /** What this laying of the ruler reads there. */
        public Length $onRuler,
        /** Where this laying's zero sits, from the zero corner. */
        public Length $zeroAt,
        /** The board's edge it is made on: top, bottom, left or right; empty for one on a line across the board. */
        public string $edge,
        /** From the board's left, or its top: the same for either hand. */
        public Length $place,
    ) {
    }

    /** @param  Length|null  $reach  how long the ruler is; null reaches everywhere */
    public static function at(string $key, int $line, Rounded $at, ?Length $reach, string $edge = '', ?Length $place = null): self
    {
        $laying = $reach === null || $at->reading->isZero() ? 1 : $at->reading->over($reach)->ceiling();
        $zero = $reach === null ? Length::zero() : $reach->times($laying - 1);

        return new self($key, $line, $at, $laying, $at->reading->minus($zero), $zero, $edge, $place ?? $at->exact);
    }
}
