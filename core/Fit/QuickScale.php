<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** One length on the photo and the same on the paper, and what follows for any other, or any part of one. */
final readonly class QuickScale
{
    /** @param  Rational  $ratio  paper ÷ photo */
    private function __construct(public Rational $ratio)
    {
    }

    /** @throws LengthOfNothing when one of them is nothing */
    public static function of(Length $photo, Length $paper): self
    {
        if (! $photo->isPositive() || ! $paper->isPositive()) {
            throw LengthOfNothing::toScaleBy();
        }

        return new self($paper->over($photo));
    }

    public function onPaper(Length $photo, Rational|int $part = 1): Length
    {
        return $photo->times($this->ratio)->times(Rational::of($part));
    }

    public function onPhoto(Length $paper): Length
    {
        return $paper->dividedBy($this->ratio);
    }
}
