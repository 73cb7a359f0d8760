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

    /** What to think of it. */
    public function verdict(): string
    {
        return match ($this) {
            self::Not => 'in proportion',
            self::Harmless => 'harmless: under 1 %, less than a pencil line',
            self::Slight => 'slight: fit for a landscape, not for a likeness',
            self::Visible => 'visible: a circle is drawn as an oval',
        };
    }
}
