<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * How wide a page is for its height, from its four corners on a photograph of it taken askew: the vanishing points tell how
 * long the lens is, and that tells the page (Z. Zhang and L.-W. He, "Whiteboard scanning and image enhancement", Digital
 * Signal Processing 17 (2007), section 3.3; square pixels, the optical axis through the middle of the picture).
 */
final class PageRatio
{
    /** Under this two edges run alike, and no vanishing point tells anything. */
    private const ALIKE = 1e-3;

    /**
     * @param  array{array{float, float}, array{float, float}, array{float, float}, array{float, float}}  $corners  pixels, clockwise from the top left of the page
     * @param  float  $wide  pixels of the picture
     */
    public static function of(array $corners, float $wide, float $high): float
    {
        $scale = max($wide, $high);
        [$a, $b, $d, $c] = array_map(static fn (array $at): array => [($at[0] - $wide / 2) / $scale, ($at[1] - $high / 2) / $scale, 1.0], $corners);
        // a b above, c d below.
        $k2 = self::dot(self::cross($a, $d), $c) / self::or(self::dot(self::cross($b, $d), $c));
        $k3 = self::dot(self::cross($a, $d), $b) / self::or(self::dot(self::cross($c, $d), $b));
        $across = array_map(static fn (float $to, float $from): float => $k2 * $to - $from, $b, $a);
        $down = array_map(static fn (float $to, float $from): float => $k3 * $to - $from, $c, $a);
        if (abs($across[2]) < self::ALIKE || abs($down[2]) < self::ALIKE) {
            return self::seen($corners);
        }
        $focal = -($across[0] * $down[0] + $across[1] * $down[1]) / ($across[2] * $down[2]);
        if ($focal <= 0.04) {
            // No lens sees so wide: the corners are not those of a rectangle, or too little askew to tell.
            return self::seen($corners);
        }
        $long = static fn (array $way): float => ($way[0] ** 2 + $way[1] ** 2) / $focal + $way[2] ** 2;

        return sqrt($long($across) / $long($down));
    }

    /**
     * As it looks: the mean of two sides over that of the others.
     *
     * @param  array{array{float, float}, array{float, float}, array{float, float}, array{float, float}}  $corners
     */
    private static function seen(array $corners): float
    {
        $long = static fn (int $i): float => hypot($corners[($i + 1) % 4][0] - $corners[$i][0], $corners[($i + 1) % 4][1] - $corners[$i][1]);

        return ($long(0) + $long(2)) / max(1e-9, $long(1) + $long(3));
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     * @return array{float, float, float}
     */
    private static function cross(array $a, array $b): array
    {
        return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }

    private static function or(float $value): float
    {
        return abs($value) < 1e-12 ? 1e-12 : $value;
    }
}
