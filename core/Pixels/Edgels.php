<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * The places of a picture where its colour changes fastest across an edge, each between samples.
 *
 * Colours count as well as lightness: steepness is the larger eigenvalue of the multi-channel gradient
 * (S. Di Zenzo, "A note on the gradient of a multi-image", CVGIP 33 (1986), 116–125), in ΔE*ab a sample. A place is
 * kept where it is the steepest along its own normal (J. Canny, IEEE Trans. PAMI 8 (1986), 679–698), and lies at the
 * top of the parabola through the three steepnesses there (F. Devernay, "A Non-Maxima Suppression Method for Edge
 * Detection with Sub-Pixel Accuracy", INRIA RR-2724 (1995)).
 */
final readonly class Edgels
{
    private function __construct(
        public int $wide,
        /** What the picture's own grain comes to, in ΔE a sample. */
        public float $grain,
        /** @var array<int, int> number of the edgel by the sample it is found at, y × wide + x */
        public array $at,
        /** @var list<float> places in samples */
        public array $x,
        /** @var list<float> */
        public array $y,
        /** @var list<float> unit normals; which of the two ways is chance */
        public array $normalX,
        /** @var list<float> */
        public array $normalY,
        /** @var list<float> ΔE a sample */
        public array $steep,
    ) {
    }

    public static function of(LabPicture $picture): self
    {
        $grain = self::grain($picture);
        $least = 4 * max(Figures::FAINTEST, Figures::OVER_GRAIN * $grain) ** 2;
        $wide = $picture->wide;
        [$at, $xs, $ys, $normalX, $normalY, $steep] = [[], [], [], [], [], []];
        [$above, $here, $below] = [$picture->row(0), $picture->row(1), $picture->row(2)];
        $upper = [];
        $middle = self::squares($above, $here, $below, $wide);
        for ($y = 2; $y < $picture->high - 1; $y++) {
            // Rows y − 2 … y + 1 are in hand; places of row y − 1 are looked for.
            $next = $picture->row($y + 1);
            $lower = self::squares($here, $below, $next, $wide);
            if ($upper !== []) {
                for ($x = 1; $x < $wide - 1; $x++) {
                    $centre = $middle[$x];
                    // What is no top across or down is none along its normal, wherever that points; most samples end here.
                    if ($centre < $least || (($middle[$x - 1] > $centre || $middle[$x + 1] > $centre) && ($upper[$x] > $centre || $lower[$x] > $centre))) {
                        continue;
                    }
                    $k = 3 * $x + 1;
                    $lx = $here[$k + 3] - $here[$k - 3];
                    $ax = $here[$k + 4] - $here[$k - 2];
                    $bx = $here[$k + 5] - $here[$k - 1];
                    $ly = $below[$k] - $above[$k];
                    $ay = $below[$k + 1] - $above[$k + 1];
                    $by = $below[$k + 2] - $above[$k + 2];
                    // The tensor's larger eigenvalue and its direction: Di Zenzo's E, F, G.
                    $e = $lx * $lx + $ax * $ax + $bx * $bx;
                    $f = $lx * $ly + $ax * $ay + $bx * $by;
                    $g = $centre - $e;
                    $largest = $centre / 2 + sqrt(($e - $g) ** 2 / 4 + $f * $f);
                    if ($largest < $least) {
                        continue;
                    }
                    if ($e >= $g) {
                        $nx = $largest - $g;
                        $ny = $f;
                    } else {
                        $nx = $f;
                        $ny = $largest - $e;
                    }
                    $length = sqrt($nx * $nx + $ny * $ny);
                    if ($length === 0.0) {
                        continue;
                    }
                    $nx /= $length;
                    $ny /= $length;
                    $fx = abs($nx);
                    $fy = abs($ny);
                    $right = $nx < 0 ? $x - 1 : $x + 1;
                    $left = $nx < 0 ? $x + 1 : $x - 1;
                    if ($fx >= $fy) {
                        $share = $fy / $fx;
                        $step = 1 / $fx;
                        $after = (1 - $share) * $middle[$right] + $share * ($ny < 0 ? $upper[$right] : $lower[$right]);
                        $before = (1 - $share) * $middle[$left] + $share * ($ny < 0 ? $lower[$left] : $upper[$left]);
                    } else {
                        $share = $fx / $fy;
                        $step = 1 / $fy;
                        $after = $ny < 0 ? (1 - $share) * $upper[$x] + $share * $upper[$right] : (1 - $share) * $lower[$x] + $share * $lower[$right];
                        $before = $ny < 0 ? (1 - $share) * $lower[$x] + $share * $lower[$left] : (1 - $share) * $upper[$x] + $share * $upper[$left];
                    }
                    if ($centre <= $after || $centre < $before) {
                        continue;
                    }
                    $after = sqrt($after);
                    $before = sqrt($before);
                    $off = $step * ($after - $before) / (2 * (2 * sqrt($centre) - $after - $before));
                    $at[($y - 1) * $wide + $x] = count($xs);
                    $xs[] = $x + $off * $nx;
                    $ys[] = $y - 1 + $off * $ny;
                    $normalX[] = $nx;
                    $normalY[] = $ny;
                    $steep[] = sqrt($largest) / 2;
                }
            }
            [$above, $here, $below] = [$here, $below, $next];
            [$upper, $middle] = [$middle, $lower];
        }

        return new self($wide, $grain, $at, $xs, $ys, $normalX, $normalY, $steep);
    }

    /**
     * The picture's own grain: what differences come to where nothing is drawn. A low quantile of the steepness, so
     * that edges do not raise it (a median of differences, taken lower).
     */
    private static function grain(LabPicture $picture): float
    {
        $squares = [];
        for ($y = 1; $y < $picture->high - 1; $y += max(1, intdiv($picture->high, 90))) {
            array_push($squares, ...array_slice(self::squares($picture->row($y - 1), $picture->row($y), $picture->row($y + 1), $picture->wide), 1, -1));
        }
        sort($squares);

        return sqrt($squares[(int) (Figures::GRAIN_QUANTILE * count($squares))]) / 2;
    }

    /**
     * Squared length of the central differences, both ways and in all channels together.
     *
     * @param  array<int, float>  $above
     * @param  array<int, float>  $here
     * @param  array<int, float>  $below
     * @return list<float> by x; the first and last are 0
     */
    private static function squares(array $above, array $here, array $below, int $wide): array
    {
        $squares = [0.0];
        for ($x = 1, $k = 4; $x < $wide - 1; $x++, $k += 3) {
            $lx = $here[$k + 3] - $here[$k - 3];
            $ax = $here[$k + 4] - $here[$k - 2];
            $bx = $here[$k + 5] - $here[$k - 1];
            $ly = $below[$k] - $above[$k];
            $ay = $below[$k + 1] - $above[$k + 1];
            $by = $below[$k + 2] - $above[$k + 2];
            $squares[] = $lx * $lx + $ax * $ax + $bx * $bx + $ly * $ly + $ay * $ay + $by * $by;
        }
        $squares[] = 0.0;

        return $squares;
    }
}
