<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/** The settings marked on common proportional dividers (common practice), as paper ÷ photo. */
final readonly class Dividers
{
    private const SETTINGS = ['1', '5/4', '4/3', '3/2', '5/3', '2', '5/2', '3', '4', '5', '6', '8', '10'];

    /** @return list<Rational> */
    public static function settings(): array
    {
        return array_map(Rational::of(...), self::SETTINGS);
    }

    /**
     * Where the pivot sits, from the short end: the arms are as the lengths they span, so tip to tip ÷ (ratio + 1).
     *
     * @param  Rational  $ratio  paper ÷ photo, over 0
     */
    public static function pivot(Rational $ratio, Length $tipToTip): Length
    {
        return $tipToTip->dividedBy($ratio->plus(1));
    }

    /**
     * Where the pivot sits from the short end, whichever way round the ratio is.
     *
     * @param  Rational  $ratio  paper ÷ photo, over 0
     */
    public static function fromShortEnd(Rational $ratio, Length $tipToTip): Length
    {
        return self::pivot(Rational::larger($ratio, $ratio->reciprocal()), $tipToTip);
    }

    /** The mark nearest to a ratio, by how much larger or smaller it makes the drawing. */
    public static function nearest(Rational $ratio): Rational
    {
        $off = static fn (Rational $setting): float => abs(log($setting->dividedBy($ratio)->toFloat()));
        // What makes a drawing smaller is the same mark, with the ends the other way round.
        $settings = $ratio->isLessThan(1) ? array_map(static fn (Rational $setting): Rational => $setting->reciprocal(), self::settings()) : self::settings();
        usort($settings, static fn (Rational $a, Rational $b): int => $off($a) <=> $off($b));

        return $settings[0];
    }

    /** The drawing a setting makes of what is cropped from a print. */
    public static function drawing(Size $print, Rational $setting): Size
    {
        return $print->times($setting);
    }

    public static function fits(Size $drawing, Size $usable): bool
    {
        return ! $drawing->width->isLongerThan($usable->width) && ! $drawing->height->isLongerThan($usable->height);
    }

    /** @return list<DividerSetting> those that fit first, the fullest first */
    public static function onto(Size $print, Size $usable): array
    {
        $settings = array_map(static fn (Rational $setting): DividerSetting => DividerSetting::of($setting, $print, $usable), self::settings());
        usort($settings, static fn (DividerSetting $a, DividerSetting $b): int => [! $a->fits, $a->empty->toFloat()] <=> [! $b->fits, $b->empty->toFloat()]);

        return $settings;
    }
}
