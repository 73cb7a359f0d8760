<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/**
 * Grades of graphite, from the hardest to the softest. No standard says how dark each is: makers differ by a grade or
 * two (common practice), so that only one's own swatches tell.
 */
enum Grade: string
{
    case H9 = '9H';
    case H8 = '8H';
    case H7 = '7H';
    case H6 = '6H';
    case H5 = '5H';
    case H4 = '4H';
    case H3 = '3H';
    case H2 = '2H';
    case H = 'H';
    case F = 'F';
    case HB = 'HB';
    case B = 'B';
    case B2 = '2B';
    case B3 = '3B';
    case B4 = '4B';
    case B5 = '5B';
    case B6 = '6B';
    case B7 = '7B';
    case B8 = '8B';
    case B9 = '9B';

    /** @return 'very-hard'|'hard'|'middle'|'soft'|'very-soft' what it is good for goes by it */
    public function kind(): string
    {
        return match ($this) {
            self::H9, self::H8, self::H7, self::H6, self::H5 => 'very-hard',
            self::H4, self::H3, self::H2 => 'hard',
            self::H, self::F, self::HB => 'middle',
            self::B, self::B2, self::B3, self::B4 => 'soft',
            default => 'very-soft',
        };
    }
}
