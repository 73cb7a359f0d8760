<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;

/** One length held against another: how many times it goes, as an eye can judge it. */
final readonly class Proportion
{
    private function __construct(
        public Rational $ratio,
        /** The nearest whole number and simple fraction. */
        public Rational $nearest,
    ) {
    }

    /** @param  Rational  $ratio  over 0 */
    public static function of(Rational $ratio): self
    {
        $whole = Rational::of($ratio->floor());

        return new self($ratio, $whole->plus(SimpleFraction::nearest($ratio->minus($whole))->fraction));
    }
}
