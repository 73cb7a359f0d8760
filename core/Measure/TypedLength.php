<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/**
 * A length as somebody typed it: how long it is, and whether a unit was said.
 *
 * What is kept of it is its canonical spelling, which always names its unit and reads back
 * as the same length whatever unit the drawing is in by then.
 */
final readonly class TypedLength
{
    /** The most digits LengthReader takes above or below a fraction's bar. */
    private const MOST_DIGITS = 18;

    /** The most decimals it takes. */
    private const MOST_PLACES = 9;

    /** The finest fraction that still reads well: the sixty-fourths of a machinist's rule. */
    private const PARTS = 64;

    /** Up to a twelfth, a fraction of an inch reads better than its decimal. */
    private const SIMPLE_PARTS = 12;

    /** Where a fraction is too fine to be written: a millionth of a millimetre, far below any ruler. */
    private const FINEST_PLACES = 6;

    public function __construct(
        public Length $length,
        /** The ruler's unit it was said in, feet counting as inches and metres as centimetres; null for a bare number. */
        public ?Unit $said,
        /** What one of the number is, for another number that shares its unit; null for a bare number, and for feet with inches. */
        public ?Length $each,
    ) {
    }

    /** @param  Unit  $bare the unit a number without one was taken to be in */
    public function canonical(Unit $bare): string
    {
        return self::write($this->length, $this->said ?? $bare);
    }

    /** The canonical spelling: `8 1/2 in`, `8.53 in`, `16 2/3 cm`; in millimetres where the unit has no short one. LengthReader reads it as the same length. */
    public static function write(Length $length, Unit $unit): string
    {
        [$amount, $mm] = [$length->in($unit), $length->mm];

        return match (true) {
            ($text = self::fraction($amount, $unit->isMetric() ? 1 : self::SIMPLE_PARTS) ?? self::binary($amount, $unit) ?? self::decimal($amount) ?? self::fraction($amount, self::PARTS)) !== null => "{$text} {$unit->value}",
            ($text = self::decimal($mm) ?? self::fraction($mm)) !== null => "{$text} mm",
            default => rtrim(rtrim($mm->toScale(self::FINEST_PLACES), '0'), '.').' mm',
        };
    }

    /** A finite decimal as such; null when there is none that can be read again. */
    private static function decimal(Rational $amount): ?string
    {
        $text = $amount->toScale(self::MOST_PLACES);

        return $amount->times(10 ** self::MOST_PLACES)->isWhole() ? rtrim(rtrim($text, '0'), '.') : null;
    }

    /** On an inch ruler; null for any other. */
    private static function binary(Rational $amount, Unit $unit): ?string
    {
        return ! $unit->isMetric() && $amount->times(self::PARTS)->isWhole() ? self::fraction($amount, self::PARTS) : null;
    }

    /** A whole number, or a mixed fraction; null when it is finer than so many parts, or of more digits than can be read again. */
    private static function fraction(Rational $amount, ?int $parts = null): ?string
    {
        [$whole, $rest] = $amount->split();
        $fine = $parts === null ? max(array_map(strlen(...), explode('/', (string) $rest))) > self::MOST_DIGITS : $rest->isFinerThan($parts);
        if ($fine) {
            return null;
        }

        return ($amount->isNegative() ? '-' : '').match (true) {
            $rest->isZero() => $whole,
            $whole === 0 => $rest,
            default => "{$whole} {$rest}",
        };
    }
}
