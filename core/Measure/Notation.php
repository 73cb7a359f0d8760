<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/**
 * Writes lengths in the drawing's unit at the ruler's graduation.
 *
 * Inches are mixed fractions (`1 9/16 in`), metric is centimetres with a decimal
 * or plain millimetres.
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

    /** As true as it is written in this unit: `1 4/7 in`, `16.667 cm`; for showing a sum. */
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

    /** How many times as large: `1 4/5` beside inches, `1.8` beside centimetres. */
    public function factor(Rational $factor): string
    {
        return $this->unit->isMetric() ? Fractions::decimal($factor) : Fractions::mixed($factor);
    }

    /** As plain, without the unit. */
    public function amount(Length $length): string
    {
        $amount = $length->in($this->unit);

        return $this->unit->isMetric() ? Fractions::decimal($amount) : Fractions::mixed($amount);
    }
}
