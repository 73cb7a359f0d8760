<?php

declare(strict_types=1);

namespace App\Press;

/** One line of type. */
final readonly class Text
{
    public function __construct(
        /** Where the anchor is, in mm. */
        public float $x,
        /** The baseline, in mm. */
        public float $y,
        public string $words,
        /** Height of the type in mm. */
        public float $size = 3.5,
        public Anchor $anchor = Anchor::Start,
        public string $colour = '#22201d',
    ) {
    }
}
