<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** Writes plain numbers as people do on paper. */
final class Fractions
{
    /** The largest denominator still written as a fraction; beyond it a decimal reads better. */
    private const LARGEST_DENOMINATOR = 64;

    /**
     * `1 1/2`, `4/7`, `3`. A decimal where a fraction would be too fine, `1.1234`, or where the number was plainly
     * measured in hundredths: `8.82`, not `8 41/50`.
     */
    public static function mixed(Rational $number): string
    {
        $inHundredths = $number->isFinerThan(10) && ! $number->times(self::LARGEST_DENOMINATOR)->isWhole() && $number->times(1000)->isWhole();
        if ($inHundredths || $number->isFinerThan(self::LARGEST_DENOMINATOR)) {
            return self::places($number, 4);
        }
        $sign = $number->isNegative() ? '−' : '';
        [$whole, $rest] = $number->split();

        return $sign.match (true) {
            $rest->isZero() => (string) $whole,
            $whole === 0 => (string) $rest,
            default => "{$whole} {$rest}",
        };
    }

    /** A finite decimal up to three places as such (`21.05`); thirds and the like to three places (`16.667`): who measures in centimetres reads no fractions. */
    public static function decimal(Rational $number): string
    {
        return self::places($number, 3);
    }

    /** A decimal rounded to so many places, without trailing zeros. */
    public static function places(Rational $number, int $places): string
    {
        $text = (string) $number->toScale($places);

        return str_replace('-', '−', str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text);
    }
}
