<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\LengthReader;
use InchLadder\Measure\LengthUnreadable;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Catalogue;

/** The shape a crop is locked to, or how one length is to another, as people write it: `4:5`, `3 to 2`, `3/2`, `1.5`, `150 %`, `8in:6in`, `8x10in`, a sheet's name. */
final readonly class Ratio
{
    /** No crop is more than so many times as long as wide. */
    private const LONGEST = 50;

    /**
     * @return Rational width ÷ height
     *
     * @throws RatioUnreadable
     */
    public static function read(string $text, LengthReader $lengths): Rational
    {
        $ratio = self::parse(trim($text), $lengths);
        if ($ratio === null || ! $ratio->isPositive() || $ratio->isGreaterThan(self::LONGEST) || $ratio->reciprocal()->isGreaterThan(self::LONGEST)) {
            throw RatioUnreadable::text($text);
        }

        return $ratio;
    }

    /**
     * How far two shapes are apart: the larger ÷ the smaller, less 1. Laid on each other, one is stretched by as much.
     *
     * @param  Rational  $one  width ÷ height, over 0
     */
    public static function apart(Rational $one, Rational $other): Rational
    {
        return Rational::larger($one, $other)->dividedBy(Rational::smaller($one, $other))->minus(1);
    }

    private static function parse(string $text, LengthReader $lengths): ?Rational
    {
        if (preg_match('/^([0-9]{1,5}(?:[.,][0-9]{1,4})?)\s*(?::|\/|to)\s*([0-9]{1,5}(?:[.,][0-9]{1,4})?)$/iu', $text, $found)) {
            [$wide, $high] = [Rational::of(str_replace(',', '.', $found[1])), Rational::of(str_replace(',', '.', $found[2]))];

            return $high->isZero() ? null : $wide->dividedBy($high);
        }
        if (preg_match('/^([0-9]{1,4}(?:[.,][0-9]{1,4})?)\s*%$/D', $text, $found)) {
            return Rational::of(str_replace(',', '.', $found[1]))->dividedBy(100);
        }
        if (preg_match('/^\d{1,3}(?:[.,]\d{1,4})?$/D', $text)) {
            return Rational::of(str_replace(',', '.', $text));
        }
        if (Catalogue::has($text)) {
            return Catalogue::find($text)->size->ratio();
        }
        if (preg_match('/^([^:]+):([^:]+)$/D', $text, $found)) {
            try {
                [$one, $other] = [$lengths->read($found[1]), $lengths->read($found[2])];

                return $one->isPositive() && $other->isPositive() ? $one->over($other) : null;
            } catch (LengthUnreadable) {
                return null;
            }
        }
        try {
            $size = $lengths->readSize($text);

            return $size->height->isZero() ? null : $size->ratio();
        } catch (LengthUnreadable) {
            return null;
        }
    }
}
