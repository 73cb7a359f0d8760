<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;

/** How a stretch is called, by how much it pulls (common practice). */
enum Stretched: string
{
    case Not = 'not';
    case Harmless = 'harmless';
    case Slight = 'slight';
    case Visible = 'visible';

    /** @param  Rational  $stretch  larger scale ÷ smaller scale − 1 */
    public static function by(Rational $stretch): self
    {
        return match (true) {
            $stretch->isZero() => self::Not,
            $stretch->isLessThan(Rational::nd(1, 100)) => self::Harmless,
            ! $stretch->isGreaterThan(Rational::nd(3, 100)) => self::Slight,
            default => self::Visible,
        };
    }
}
