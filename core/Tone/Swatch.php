<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** One box of a tone bar. */
final readonly class Swatch
{
    public function __construct(
        public int $number,
        /** L* to be laid in it. */
        public float $lightness,
        /** Whether it is left as bare paper. */
        public bool $isPaper,
    ) {
    }
}
