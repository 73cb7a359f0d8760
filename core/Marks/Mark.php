<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Measure\Length;

/** One tick on an edge. */
final readonly class Mark
{
    public function __construct(
        /** 1-based from the zero corner; the last is the far edge itself. */
        public int $line,
        public Reading $at,
        /** Where stepping the rounded first cell along would have put it, less where it belongs. */
        public Length $steppedError,
    ) {
    }
}
