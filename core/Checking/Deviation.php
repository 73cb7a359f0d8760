<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
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

    /** `1/8 in too long, 4.2 %`, or `right to the graduation` */
    public function words(Notation $notation): string
    {
        $reading = $notation->ruler->round($this->off->absolute())->reading;

        return $reading->isZero()
            ? 'right to the graduation'
            : $notation->plain($reading).($this->off->isPositive() ? ' too long, ' : ' too short, ').Fractions::places($this->share()->abs()->times(100), 1).' %';
    }
}
