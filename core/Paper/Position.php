<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Rational;

/** A place for the drawing area in the usable paper, as the share of the spare room put before it each way. */
enum Position: string
{
    case Centred = 'centred';
    /** Centred across, and a little above the middle down. */
    case Optical = 'optical';
    case TopLeft = 'top left';
    case TopRight = 'top right';
    case BottomLeft = 'bottom left';
    case BottomRight = 'bottom right';

    public function across(): Rational
    {
        return match ($this) {
            self::Centred, self::Optical => Rational::nd(1, 2),
            self::TopLeft, self::BottomLeft => Rational::zero(),
            self::TopRight, self::BottomRight => Rational::one(),
        };
    }

    public function down(): Rational
    {
        return match ($this) {
            self::Centred => Rational::nd(1, 2),
            self::Optical => Rational::of(Figures::OPTICAL_ABOVE),
            self::TopLeft, self::TopRight => Rational::zero(),
            self::BottomLeft, self::BottomRight => Rational::one(),
        };
    }
}
