<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** One setting of proportional dividers: the drawing it makes of a print, and how much paper that leaves empty. */
final readonly class DividerSetting
{
    /**
     * @param  Rational  $setting  paper ÷ photo
     * @param  Rational  $empty  share of the room on the paper, in [0, 1); 0 where the drawing does not fit
     * @param  'larger'|'smaller'|'same'  $makes  which end goes on the photo follows from it
     */
    private function __construct(public Rational $setting, public Size $drawing, public bool $fits, public Rational $empty, public string $makes)
    {
    }

    public static function of(Rational $setting, Size $print, Size $usable): self
    {
        $drawing = Dividers::drawing($print, $setting);
        $fits = Dividers::fits($drawing, $usable);

        return new self($setting, $drawing, $fits, $fits ? Rational::one()->minus($drawing->shareOf($usable)) : Rational::zero(), ['smaller', 'same', 'larger'][$setting->compareTo(1) + 1]);
    }
}
