<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** A place in a picture and how light it is. */
final readonly class Spot
{
    public function __construct(
        /** Shares of the picture. */
        public float $x,
        public float $y,
        /** L* */
        public float $lightness,
    ) {
    }
}
