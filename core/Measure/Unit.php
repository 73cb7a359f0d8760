<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** A unit that artists' rulers are marked in. */
enum Unit: string
{
    case Inch = 'in';
    case Centimetre = 'cm';
    case Millimetre = 'mm';

    /** How many millimetres one of this unit is; the international inch is exactly 25.4 mm. */
    public function millimetres(): Rational
    {
        /** @var array<string, Rational> $known */
        static $known = [];

        return $known[$this->value] ??= match ($this) {
            self::Inch => Rational::nd(127, 5),
            self::Centimetre => Rational::of(10),
            self::Millimetre => Rational::one(),
        };
    }

    public function isMetric(): bool
    {
        return $this !== self::Inch;
    }

    /** The ruler found in most pencil cases of this unit. */
    public function commonRuler(): Graduation
    {
        return Graduation::read($this->isMetric() ? '1 mm' : '1/16 in');
    }
}
