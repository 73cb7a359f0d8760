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

    /**
     * @param  float  $grams  a square metre
     * @param  Basis  $basis  the sheet its pounds are told of
     */
    private function __construct(public float $grams, public Basis $basis)
    {
    }

    /** @throws WeightUnreadable */
    public static function grams(float $grams, Basis $basis): self
    {
        return $grams >= self::LEAST && $grams <= self::MOST ? new self($grams, $basis) : throw WeightUnreadable::outOfRange();
    }

    /** @throws WeightUnreadable */
    public static function pounds(float $pounds, Basis $basis): self
    {
        return self::grams($pounds * self::POUND / $basis->area(), $basis);
    }

    /**
     * Reads `240 g`, `240 gsm`, `70 lb`, `70#`; a bare number is grams.
     *
     * @param  Basis|null  $basis  null for the one such a weight is usually told by
     *
     * @throws WeightUnreadable
     */
    public static function read(string $text, ?Basis $basis): self
    {
        if (preg_match('~^\s*([0-9]{1,5}(?:[.,][0-9]{1,3})?)\s*(g|gsm|g/m2|g/m²|lbs?|#)?\s*$~iu', $text, $found) !== 1) {
            throw WeightUnreadable::text($text);
        }
        $amount = (float) str_replace(',', '.', $found[1]);
        $isPounds = in_array(strtolower($found[2] ?? 'g'), ['lb', 'lbs', '#'], true);

        return $isPounds ? self::pounds($amount, $basis ?? Basis::usualAt($amount)) : self::grams($amount, $basis ?? Basis::usualAt($amount * Basis::Imperial->area() / self::POUND));
    }

    public function inPounds(Basis $basis): float
    {
        return $this->grams * $basis->area() / self::POUND;
    }
}
