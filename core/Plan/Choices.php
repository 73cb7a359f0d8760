<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Fit\Fit;
use InchLadder\Fit\Reference;
use InchLadder\Grid\Labels;
use InchLadder\Grid\School;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Size;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Placement;
use InchLadder\Paper\Turn;

/** Everything the artist decided. Choices are stored; results are computed from them by Plan::of. */
final readonly class Choices
{
    public function __construct(
        public Notation $notation,
        public Reference $reference,
        /** As measured, either way round. */
        public Size $sheet,
        /** The sheet's name in the catalogue; null for a size of one's own. */
        public ?string $sheetName,
        public Turn $turn,
        public Margins $margins,
        public Placement $placement,
        public Fit $fit,
        public School $school,
        public Labels $labels,
    ) {
    }
}
