<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Fractions;
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

    /**
     * `3/8`, `past 2/5`, `short of 1/2`; at either end, that end's name
     *
     * @param  string  $start  the name of the end it is measured from
     */
    public function words(string $start, string $end): string
    {
        $fraction = $this->nearest->fraction;
        $name = match (true) {
            $fraction->isZero() => $start,
            $fraction->isEqualTo(1) => $end,
            default => (string) $fraction,
        };

        return match (true) {
            $this->isAsGoodAsIt() => $name,
            $this->nearest->off->isNegative() => "short of {$name}",
            default => "past {$name}",
        };
    }

    public function isAsGoodAsIt(): bool
    {
        return ! $this->nearest->off->abs()->isGreaterThan(Rational::of(self::AS_GOOD_AS));
    }

    /** `41.3 %, 1.3 % of the side past 2/5` */
    public function exactly(): string
    {
        $percent = static fn (Rational $share): string => Fractions::places($share->times(100), 1).' %';
        $off = $percent($this->nearest->off->abs());

        return $percent($this->share).match (true) {
            $off === '0 %' => '',
            $this->nearest->off->isNegative() => ", {$off} of the side short of {$this->nearest->fraction}",
            default => ", {$off} of the side past {$this->nearest->fraction}",
        };
    }
}
