<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** What keeps a shot from being judged well; said before anything is judged. */
enum ShotFault: string
{
    case CutOff = 'cut off';
    case TooSmall = 'too small';
    case TooDark = 'too dark';
    case Glare = 'glare';
    case Blurred = 'blurred';
    case TooFaint = 'too faint';
    /** The lines on the sheet are not those of this photo. */
    case Another = 'another';
    /** The ruled grid lies off where it should. */
    case GridOff = 'grid off';

    /**
     * What is to be said of a shot before it is judged.
     *
     * @param  bool  $cutOff  whether the sheet runs out of it
     * @param  float  $fineness  mm that a pixel takes in, in the middle of the sheet as it is looked at
     * @param  float  $light  of 255, how light the paper is
     * @param  float  $glare  what share of it is burnt out
     * @param  bool  $soft  whether its edges are
     * @param  float|null  $fit  mm by which its lines lie off those of the photo, on the whole; null where there are none to go by
     * @return list<self>
     */
    public static function in(bool $cutOff, float $fineness, float $light, float $glare, bool $soft, LineMap $drawn, ?float $fit): array
    {
        $faint = $drawn->strength < Figures::FAINT || $drawn->drawn < Figures::EMPTY;

        return array_values(array_filter([
            $cutOff ? self::CutOff : null,
            $fineness > Figures::COARSE ? self::TooSmall : null,
            $light < Figures::DARK ? self::TooDark : null,
            $glare > Figures::GLARE ? self::Glare : null,
            $soft ? self::Blurred : null,
            $faint ? self::TooFaint : null,
            // What is not seen well is no other drawing for that.
            $fit !== null && ! $faint && ! $soft && $fit > Figures::ANOTHER ? self::Another : null,
            ! $soft && $drawn->ruledOff() > Figures::GRID_OFF ? self::GridOff : null,
        ]));
    }
}
