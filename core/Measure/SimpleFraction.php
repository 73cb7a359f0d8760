<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** The nearest fraction that an eye can judge: halves to eighths. */
final readonly class SimpleFraction
{
    private const PARTS = [2, 3, 4, 5, 6, 8];

    private function __construct(public Rational $fraction, public Rational $off)
    {
    }

    /** @param  Rational  $share  in [0, 1] */
    public static function nearest(Rational $share): self
    {
        $best = null;
        foreach (self::PARTS as $parts) {
            $fraction = Rational::nd($share->times($parts)->round(), $parts);
            $off = $share->minus($fraction);
            if ($best === null || $off->abs()->isLessThan($best->off->abs())) {
                $best = new self($fraction, $off);
            }
        }

        return $best;
    }
}
