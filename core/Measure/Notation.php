<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/**
 * Writes lengths in the drawing's unit at the ruler's graduation.
 *
 * Inches are mixed fractions (`1 9/16 in`), metric is centimetres with a decimal
 * or plain millimetres. A length between two graduations says how far the
 * written one is off: `1 9/16 in (0.009 in short)`.
 */
final readonly class Notation
{
    /** @throws RulerUnknown when the ruler is not marked in the unit's family */
    public function __construct(public Unit $unit, public Graduation $ruler)
    {
        if ($unit->isMetric() !== $ruler->unit->isMetric()) {
            throw RulerUnknown::inAnotherUnit($ruler, $unit);
        }
    }

    public function write(Length $length): string
    {
        return $this->writeRounded($this->ruler->round($length));
    }

    /** As write, for a length that is rounded already. */
    public function writeRounded(Rounded $rounded): string
    {
        return $this->withError($this->plain($rounded->reading), $rounded);
    }

    /** A reading as it is written, and how far it is off. */
    public function withError(string $reading, Rounded $rounded): string
    {
        return $rounded->isExact() ? $reading : "{$reading} ({$this->error($rounded)})";
    }

    /** Without any rounding: `1 4/7 in`, `16 2/3 cm`; for showing a sum. */
    public function plain(Length $length): string
    {
        return $this->withUnit($this->amount($length));
    }

    public function withUnit(string $amount): string
    {
        return "{$amount} {$this->unit->value}";
    }

    /** As it can be typed and read again without losing anything. */
    public function exactly(Length $length): string
    {
        return TypedLength::write($length, $this->unit);
    }

    /** As plain, without the unit. */
    public function amount(Length $length): string
    {
        $amount = $length->in($this->unit);

        return $this->unit->isMetric() ? Fractions::decimal($amount) : Fractions::mixed($amount);
    }

    /** How far a reading is off, in words: `0.009 in short`, `0.3 mm over`, `exact`. */
    public function error(Rounded $rounded): string
    {
        $error = $rounded->error();
        if ($error->isZero()) {
            return 'exact';
        }
        [$unit, $places] = $this->unit->isMetric() ? [Unit::Millimetre, 1] : [Unit::Inch, 3];
        $parts = $error->absolute()->in($unit)->times(10 ** $places)->round();
        $words = ($parts === 0 ? 'under ' : '').number_format(max($parts, 1) / 10 ** $places, $places, '.', '');

        return "{$words} {$unit->value} ".($error->isPositive() ? 'over' : 'short');
    }
}
