<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** Where the drawing area lies in the usable paper, as the share of the spare room put before it each way. */
enum Placement: string
{
    case Centred = 'centred';
    case TopLeft = 'top left';
    case TopRight = 'top right';
    case BottomLeft = 'bottom left';
    case BottomRight = 'bottom right';

    /** Distance from the left of the usable paper to the drawing area. */
    public function fromLeft(Size $spare): Length
    {
        return $spare->width->times(match ($this) {
            self::Centred => Rational::nd(1, 2),
            self::TopLeft, self::BottomLeft => 0,
            self::TopRight, self::BottomRight => 1,
        });
    }

    /** Distance from the top of the usable paper to the drawing area. */
    public function fromTop(Size $spare): Length
    {
        return $spare->height->times(match ($this) {
            self::Centred => Rational::nd(1, 2),
            self::TopLeft, self::TopRight => 0,
            self::BottomLeft, self::BottomRight => 1,
        });
    }
}
