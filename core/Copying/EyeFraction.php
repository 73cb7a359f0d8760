<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;

/** A share of a side the way an eye judges it: the nearest simple fraction, and on which side of it. */
final readonly class EyeFraction
{
    private function __construct(
        public Rational $share,
        public SimpleFraction $nearest,
    ) {
    }

    /** @param  Rational  $share  in [0, 1] */
    public static function of(Rational $share): self
    {
        return new self($share, SimpleFraction::nearest($share));
    }

    public function isAsGoodAsIt(): bool
    {
        return ! $this->nearest->off->abs()->isGreaterThan(Rational::of(Figures::FRACTION_ITSELF));
    }
}
