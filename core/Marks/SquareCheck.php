<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

/**
 * Whether a drawn frame is square, from its two diagonals.
 *
 * In a frame of sides w and h whose top left corner has the angle α the diagonals are
 * d₁² = w² + h² + 2wh·cos α and d₂² = w² + h² − 2wh·cos α (law of cosines), so that
 * cos α = (d₁² − d₂²) / 4wh, and their squares together give the sides' own error.
 */
final readonly class SquareCheck
{
    private function __construct(
        public Size $frame,
        /** What both diagonals should be, in mm; a square root, so a float. */
        public float $expected,
        /** Degrees that the sides lean: positive when the lower edge lies too far right. */
        public float $lean,
        /** How far the lower edge has slid to the right (negative: to the left), in mm. */
        public float $slid,
        /** Both sides' length against what it should be, less 1, as the diagonals have it. */
        public float $larger,
        /** Slid no further, and no more off, than the ruler can tell. */
        public bool $isSquare,
    ) {
    }

    /**
     * @param  Size  $frame  as it was to be drawn
     * @param  Length  $falling  measured from the top left to the bottom right
     * @param  Length  $rising  measured from the bottom left to the top right
     * @param  Length  $graduation  the ruler's finest mark
     *
     * @throws DiagonalsImpossible when no frame of about this size has such diagonals
     */
    public static function of(Size $frame, Length $falling, Length $rising, Length $graduation): self
    {
        [$w, $h, $d1, $d2] = [$frame->width->toFloat(), $frame->height->toFloat(), $falling->toFloat(), $rising->toFloat()];
        $expected = $frame->diagonal();
        foreach ([$d1, $d2] as $diagonal) {
            if (abs($diagonal - $expected) > Figures::MOST_DIFFERENCE * $expected) {
                throw DiagonalsImpossible::forFrame($frame);
            }
        }
        $cosine = max(-1.0, min(1.0, ($d1 ** 2 - $d2 ** 2) / (4 * $w * $h)));
        $larger = sqrt(($d1 ** 2 + $d2 ** 2) / (2 * ($w ** 2 + $h ** 2))) - 1;
        $step = $graduation->toFloat();

        return new self($frame, $expected, 90 - rad2deg(acos($cosine)), $h * $cosine, $larger, abs($h * $cosine) <= $step && abs($larger) * $expected <= $step);
    }
}
