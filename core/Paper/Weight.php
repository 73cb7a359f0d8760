<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/** How heavy paper is: grams a square metre (grammage, ISO 536), or pounds of 500 sheets of a basis size. */
final readonly class Weight
{
    /** Grams in a pound: the international avoirdupois pound, exact (1959 agreement). */
    private const POUND = 453.59237;

    /** G/m² between which there is paper and board to draw on. */
    private const LEAST = 5.0;

    private const MOST = 3000.0;

    /** @param  float  $grams  a square metre */
    private function __construct(public float $grams)
    {
    }

    /** @throws WeightUnreadable */
    public static function grams(float $grams): self
    {
        return $grams >= self::LEAST && $grams <= self::MOST ? new self($grams) : throw WeightUnreadable::outOfRange();
    }

    /** @throws WeightUnreadable */
    public static function pounds(float $pounds, Basis $basis): self
    {
        return self::grams($pounds * self::POUND / $basis->area());
    }

    /**
     * Reads `240 g`, `240 gsm`, `90 lb`, `90#`; a bare number is grams.
     *
     * @throws WeightUnreadable
     */
    public static function read(string $text, Basis $basis): self
    {
        if (preg_match('~^\s*([0-9]{1,5}(?:[.,][0-9]{1,3})?)\s*(g|gsm|g/m2|g/m²|lbs?|#)?\s*$~iu', $text, $found) !== 1) {
            throw WeightUnreadable::text($text);
        }
        $amount = (float) str_replace(',', '.', $found[1]);

        return in_array(strtolower($found[2] ?? 'g'), ['lb', 'lbs', '#'], true) ? self::pounds($amount, $basis) : self::grams($amount);
    }

    public function inPounds(Basis $basis): float
    {
        return $this->grams * $basis->area() / self::POUND;
    }
}
