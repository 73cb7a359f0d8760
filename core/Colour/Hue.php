<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Pixels\Lab;

/** Colours by the names that anybody calls them; each from one hue angle (CIE L*C*h) to the next. The borders are ours, between the angles of sRGB's own red (40°), yellow (103°), green (136°), cyan (196°), blue (306°) and magenta (328°). */
enum Hue: string
{
    case White = 'white';
    case Black = 'black';
    case Grey = 'grey';
    case Pink = 'pink';
    case Red = 'red';
    case Orange = 'orange';
    case Brown = 'brown';
    case Yellow = 'yellow';
    case Olive = 'olive';
    case YellowGreen = 'yellow green';
    case Green = 'green';
    case BlueGreen = 'blue green';
    case Blue = 'blue';
    case Violet = 'violet';
    case Purple = 'purple';

    public static function of(Lab $lab): self
    {
        $h = $lab->hueAngle();
        $dark = $lab->lightness < Figures::BROWN;

        return match (true) {
            $lab->chroma() < Figures::GREY => self::neutral($lab->lightness),
            $h < 15, $h >= 340 => $lab->lightness > Figures::PINK ? self::Pink : ($h >= 340 && $h < 352 ? self::Purple : self::Red),
            $h < 43 => $lab->lightness > Figures::LIGHTNESS[1] ? self::Pink : ($lab->chroma() < Figures::STRONG && $dark ? self::Brown : self::Red),
            $h < 82 => $dark && $lab->chroma() < Figures::VIVID ? self::Brown : self::Orange,
            $h < 112 => $dark ? self::Olive : self::Yellow,
            $h < 128 => self::YellowGreen,
            $h < 172 => self::Green,
            $h < 225 => self::BlueGreen,
            $h < 309 => self::Blue,
            $h < 322 => self::Violet,
            default => self::Purple,
        };
    }

    /** Without a hue of its own. */
    public function isNeutral(): bool
    {
        return in_array($this, [self::White, self::Black, self::Grey], true);
    }

    private static function neutral(float $lightness): self
    {
        return match (true) {
            $lightness >= Figures::WHITE => self::White,
            $lightness < Figures::BLACK => self::Black,
            default => self::Grey,
        };
    }
}
