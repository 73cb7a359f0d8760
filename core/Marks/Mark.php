<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Layout\Reading;
use InchLadder\Measure\Length;

/** One tick on an edge. */
final readonly class Mark
{
    public function __construct(
        /** From the zero corner, whose edge is 0; the last is the far edge itself. There is a mark 0 only where a grid begins inside the picture. */
        public int $line,
        public Reading $at,
        /** Where stepping the rounded first cell along would have put it, less where it belongs. */
        public Length $steppedError,
    ) {
    }
}
