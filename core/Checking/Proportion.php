<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Fractions;
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

    /** `2/3 of it`, `as long`, `1 3/4 times`; with the exact number beside it where that differs */
    public function words(string $other): string
    {
        $says = match (true) {
            $this->nearest->isEqualTo(1) => "as long as {$other}",
            $this->nearest->isZero() => "hardly any of {$other}",
            $this->nearest->isLessThan(1) => "{$this->nearest} of {$other}",
            default => Fractions::mixed($this->nearest)." times {$other}",
        };

        return $this->nearest->isEqualTo($this->ratio) ? $says : "{$says} (".Fractions::places($this->ratio, 2).')';
    }
}
