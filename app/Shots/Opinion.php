<?php

declare(strict_types=1);

namespace App\Shots;

use InchLadder\Compare\FoundObject;
use InchLadder\Compare\ShotFault;
use InchLadder\Compare\Verdict;
use InchLadder\Measure\Slope;
use InchLadder\Plan\Comparison;

/** All that is said of one shot. */
final readonly class Opinion
{
    /**
     * @param  array<string, array{float, float, bool, bool}>  $places  by key: mm of the sheet, proposed, sure
     * @param  array<int, float>  $spans  lengths of Check as they came out, in mm, by their place among them
     * @param  array<int, Slope>  $slopes  how they run on the drawing, likewise
     * @param  array<string, float>  $gaps  gaps between things as they came out, in mm, by the key of their relation
     * @param  list<ShotFault>  $faults
     * @param  array<string, FoundObject>  $objects  named ones by their name, as they were found; in mm of the sheet as it is looked at
     */
    public function __construct(
        public Prepared $shot,
        public Comparison $comparison,
        public Verdict $verdict,
        public array $places,
        public array $spans,
        public array $slopes,
        public array $gaps,
        public array $faults,
        public array $objects,
    ) {
    }
}
