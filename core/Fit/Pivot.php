<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;

/** The pivot of proportional dividers, set by a ruler: what it reads there, and the ratio that reading makes. */
final readonly class Pivot
{
    /**
     * @param  Rounded  $fromShortEnd  where it sits
     * @param  Rational  $makes  paper ÷ photo, with the pivot at the reading
     * @param  Rational  $error  makes ÷ the ratio wanted, less 1
     */
    private function __construct(public Rounded $fromShortEnd, public Rational $makes, public Rational $error)
    {
    }

    /**
     * @param  Rational  $ratio  paper ÷ photo, over 0
     * @param  Length  $tipToTip  longer than two of the ruler's divisions
     */
    public static function of(Rational $ratio, Length $tipToTip, Graduation $ruler): self
    {
        $at = $ruler->round(Dividers::fromShortEnd($ratio, $tipToTip));
        if (! $at->reading->isPositive()) {
            $at = new Rounded($at->exact, $ruler->step);
        }
        $larger = $tipToTip->minus($at->reading)->over($at->reading);
        $makes = $ratio->isLessThan(1) ? $larger->reciprocal() : $larger;

        return new self($at, $makes, $makes->dividedBy($ratio)->minus(1));
    }
}
