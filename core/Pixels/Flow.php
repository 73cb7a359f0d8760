<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * Which way fur, grain or folds run in a piece of a picture: the direction in which it changes least (structure tensor:
 * J. Bigün and G. H. Granlund, "Optimal orientation detection of linear symmetry", ICCV 1987).
 */
final readonly class Flow
{
    /**
     * @param  float  $degrees  the way it runs, clockwise from the right, −90…90
     * @param  float  $coherence  how much one way of all it runs, 0…1
     * @param  float  $period  how far apart what runs is, in the measure of the samples
     * @param  float  $slope  how much the lightness changes across it, in that measure: the root of the mean square
     */
    private function __construct(public float $degrees, public float $coherence, public float $period, public float $slope)
    {
    }

    /**
     * @param  Field  $piece  five samples a side or more
     * @param  float  $across  how far it is from a sample to the next, in any measure
     * @param  float  $down  the same downwards
     * @return self|null null where nothing changes, or there is too little of it
     */
    public static function of(Field $piece, float $across, float $down): ?self
    {
        [$wide, $high] = [$piece->wide, $piece->high];
        if (min($wide, $high) < 5) {
            return null;
        }
        $piece = self::smoothed($piece);
        [$xx, $xy, $yy, $mx, $my] = [0.0, 0.0, 0.0, 0.0, 0.0];
        for ($y = 2; $y < $high - 2; $y++) {
            for ($x = 2; $x < $wide - 2; $x++) {
                // Five-point differences: three points would turn what is fine towards the diagonals (B. Fornberg, Math. Comp. 51 (1988)).
                $dx = (8 * ($piece->at($x + 1, $y) - $piece->at($x - 1, $y)) - ($piece->at($x + 2, $y) - $piece->at($x - 2, $y))) / 12 / $across;
                $dy = (8 * ($piece->at($x, $y + 1) - $piece->at($x, $y - 1)) - ($piece->at($x, $y + 2) - $piece->at($x, $y - 2))) / 12 / $down;
                [$xx, $xy, $yy, $mx, $my] = [$xx + $dx * $dx, $xy + $dx * $dy, $yy + $dy * $dy, $mx + $dx, $my + $dy];
            }
        }
        $count = ($wide - 4) * ($high - 4);
        // Light that falls off evenly is no grain: only what departs from that counts.
        [$xx, $xy, $yy] = [$xx - $mx * $mx / $count, $xy - $mx * $my / $count, $yy - $my * $my / $count];
        $energy = $xx + $yy;
        if ($energy / $count < 1e-6) {
            return null;
        }
        // Across it changes most; along it, a quarter turn on, least.
        $along = rad2deg(atan2(2 * $xy, $xx - $yy) / 2) + 90;

        return new self(
            $along > 90 ? $along - 180 : $along,
            hypot($xx - $yy, 2 * $xy) / $energy,
            // Of a wave the slopes are as many times its size as it has turns: mean square of slope over that of height.
            2 * M_PI * sqrt(self::spread($piece) / ($energy / $count)),
            sqrt($energy / $count),
        );
    }

    /** Its grain evened out, by halves and quarters both ways: what runs through it is paler for that, and runs as before. */
    private static function smoothed(Field $piece): Field
    {
        [$wide, $high] = [$piece->wide, $piece->high];
        $rows = [];
        for ($y = 0; $y < $high; $y++) {
            for ($x = 0; $x < $wide; $x++) {
                $rows[] = ($piece->at(max(0, $x - 1), $y) + 2 * $piece->at($x, $y) + $piece->at(min($wide - 1, $x + 1), $y)) / 4;
            }
        }
        $smooth = [];
        for ($y = 0; $y < $high; $y++) {
            [$above, $here, $below] = [max(0, $y - 1) * $wide, $y * $wide, min($high - 1, $y + 1) * $wide];
            for ($x = 0; $x < $wide; $x++) {
                $smooth[] = ($rows[$above + $x] + 2 * $rows[$here + $x] + $rows[$below + $x]) / 4;
            }
        }

        return new Field($wide, $high, $smooth);
    }

    /** Mean square of what is left of a piece once the plane through it is taken off. */
    private static function spread(Field $piece): float
    {
        [$wide, $high] = [$piece->wide, $piece->high];
        [$mx, $my, $mean, $n] = [($wide - 1) / 2, ($high - 1) / 2, array_sum($piece->all()) / count($piece->all()), $wide * $high];
        [$xx, $yy, $xv, $yv, $vv] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($piece->all() as $i => $value) {
            [$x, $y, $v] = [$i % $wide - $mx, intdiv($i, $wide) - $my, $value - $mean];
            [$xx, $yy, $xv, $yv, $vv] = [$xx + $x * $x, $yy + $y * $y, $xv + $x * $v, $yv + $y * $v, $vv + $v * $v];
        }

        return max(0.0, ($vv - $xv ** 2 / $xx - $yv ** 2 / $yy) / $n);
    }
}
