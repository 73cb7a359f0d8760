<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** How far a length on the drawing is from what it must be; told by the feature itself, not by the page. */
final readonly class Deviation
{
    public function __construct(
        /** Drawn − wanted. */
        public Length $off,
        public Length $wanted,
    ) {
    }

    /** Share of the wanted length, over 0 when it is drawn too long. */
    public function share(): Rational
    {
        return $this->off->over($this->wanted);
    }
}
