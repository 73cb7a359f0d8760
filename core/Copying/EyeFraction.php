<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;

/** A share of a side the way an eye judges it: the nearest simple fraction, and on which side of it. */
final readonly class EyeFraction
{
    /** Nearer than this share of the side, an eye takes it for the fraction itself. */
    private const AS_GOOD_AS = '0.012';

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
        return ! $this->nearest->off->abs()->isGreaterThan(Rational::of(self::AS_GOOD_AS));
    }
}
