<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Layout\Reading;
use InchLadder\Measure\Length;

/** One row of an edge's full list: the frame's own edge, a gridline, or a finer line of a cell that is cut. */
final readonly class MarkRow
{
    public function __construct(
        /** `0` is the frame's edge, `2` the second line, `2 1/3` a finer one between the second and the third. */
        public string $name,
        /** The gridline; null for a finer line. */
        public ?int $line,
        public Reading $at,
        /** Where stepping the rounded first cell along would have put it, less where it belongs. */
        public Length $steppedError,
    ) {
    }
}
