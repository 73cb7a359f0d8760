<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** One honest piece of a contour: straight, or one bow. Places are shares of the cell; lengths are in millimetres on the paper. */
final readonly class Piece
{
    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  array{float, float}  $top  the middle of the bow; of a straight one, its middle
     * @param  float  $bulge  how far that is off the straight way, to the right of the way it goes; 0 when it is straight
     * @param  string  $towards  up, down, left or right: where it bulges to; empty when it is straight
     */
    public function __construct(
        public array $from,
        public array $to,
        public array $top,
        public float $bulge,
        public string $towards,
    ) {
    }

    public function isStraight(): bool
    {
        return $this->towards === '';
    }
}
