<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** One place on a line where light turns to dark, or dark to light. */
final readonly class Transition
{
    public function __construct(
        /** Share of the line, 0…1. */
        public float $at,
        /** Levels of 255 by which it grows lighter (+) or darker (−) there. */
        public float $change,
    ) {
    }
}
