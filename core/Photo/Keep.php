<?php

declare(strict_types=1);

namespace InchLadder\Photo;

/** Which rectangle is kept of a straightened picture: it must lie inside the turned one. */
enum Keep: string
{
    /** The largest of the picture's own shape. */
    case Shape = 'shape';
    /** The largest of all. */
    case Largest = 'largest';

    /**
     * The rectangle's sides, upright and centred in a picture that was turned about its centre.
     *
     * A rectangle w × h lies inside W × H turned by θ when w·cos θ + h·sin θ ≤ W and
     * w·sin θ + h·cos θ ≤ H: its corners, seen from the turned picture. The largest one
     * meets both, unless the picture is so narrow that its long sides alone bound it;
     * then two corners lie on them, and the area is largest where each takes half.
     *
     * @param  float  $angle  radians, 0…π/4
     * @return array{float, float}
     */
    public function inside(float $wide, float $high, float $angle): array
    {
        [$sin, $cos] = [sin($angle), cos($angle)];
        if ($this === self::Shape) {
            $share = min($wide / ($wide * $cos + $high * $sin), $high / ($wide * $sin + $high * $cos));

            return [$wide * $share, $high * $share];
        }
        $short = min($wide, $high);
        if ($short <= 2 * $sin * $cos * max($wide, $high)) {
            return $wide >= $high ? [$short / (2 * $sin), $short / (2 * $cos)] : [$short / (2 * $cos), $short / (2 * $sin)];
        }
        $both = $cos ** 2 - $sin ** 2;

        return [($wide * $cos - $high * $sin) / $both, ($high * $cos - $wide * $sin) / $both];
    }
}
