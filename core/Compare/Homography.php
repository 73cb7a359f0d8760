<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use Matrix\Decomposition\LU;
use Matrix\Matrix;

/**
 * The map from one plane to another as a lens without faults sees it: straight lines stay straight.
 *
 * By the normalised direct linear transform (R. Hartley and A. Zisserman, Multiple View Geometry in Computer Vision,
 * 2nd ed., Cambridge 2004, algorithm 4.2): least squares over all the places that are given.
 */
final readonly class Homography
{
    /** Steps of inverse iteration (G. H. Golub and C. F. Van Loan, Matrix Computations, 4th ed., §8.2.2); the smallest of nine stands so far apart that a few do. */
    private const STEPS = 12;

    /** What is added to the diagonal, as a share of its sum: with places that agree wholly the matrix has no inverse without. */
    private const SHIFT = 1e-15;

    /** @param  array{float, float, float, float, float, float, float, float, float}  $h  row by row */
    private function __construct(private array $h)
    {
    }

    /**
     * @param  list<array{float, float}>  $from  four or more, of which no three lie on a line
     * @param  list<array{float, float}>  $to  as many
     *
     * @throws CornersUnusable
     */
    public static function of(array $from, array $to): self
    {
        self::check($from);
        self::check($to);
        [$here, $a, $b, $s] = self::normalised($from);
        [$there, $c, $d, $t] = self::normalised($to);
        $sums = array_fill(0, 9, array_fill(0, 9, 0.0));
        foreach ($here as $i => [$x, $y]) {
            [$u, $v] = $there[$i];
            foreach ([[0, 0, 0, -$x, -$y, -1, $v * $x, $v * $y, $v], [$x, $y, 1, 0, 0, 0, -$u * $x, -$u * $y, -$u]] as $row) {
                for ($j = 0; $j < 9; $j++) {
                    for ($k = 0; $k < 9; $k++) {
                        $sums[$j][$k] += $row[$j] * $row[$k];
                    }
                }
            }
        }
        [$p, $q, $r, $l, $m, $n, $e, $f, $g] = self::least($sums);
        // Back to the places as they were given: the inverse of there, times this, times here.
        $rows = [[$p, $q, $r], [$l, $m, $n], [$e, $f, $g]];
        $back = array_map(static fn (array $row): array => [$s * $row[0], $s * $row[1], $row[2] - $s * ($a * $row[0] + $b * $row[1])], $rows);
        $h = [];
        for ($j = 0; $j < 3; $j++) {
            $h[] = $back[0][$j] / $t + $c * $back[2][$j];
        }
        for ($j = 0; $j < 3; $j++) {
            $h[] = $back[1][$j] / $t + $d * $back[2][$j];
        }
        $w = $back[2][2];
        if (abs($w) < 1e-12) {
            throw CornersUnusable::onALine();
        }

        return new self([$h[0] / $w, $h[1] / $w, $h[2] / $w, $h[3] / $w, $h[4] / $w, $h[5] / $w, $back[2][0] / $w, $back[2][1] / $w, 1.0]);
    }

    /** @return array{float, float} */
    public function apply(float $x, float $y): array
    {
        $h = $this->h;
        $w = $h[6] * $x + $h[7] * $y + $h[8];
        // On the horizon, and as good as there: nothing is seen so far off.
        $w = abs($w) < 1e-12 ? 1e-12 : $w;

        return [($h[0] * $x + $h[1] * $y + $h[2]) / $w, ($h[3] * $x + $h[4] * $y + $h[5]) / $w];
    }

    public function inverse(): self
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->h;
        // The adjugate; its scale is free.
        $to = [$e * $i - $f * $h, $c * $h - $b * $i, $b * $f - $c * $e, $f * $g - $d * $i, $a * $i - $c * $g, $c * $d - $a * $f, $d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d];

        return new self($to);
    }

    /** This, and then a motion. */
    public function then(Motion $motion): self
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->h;
        [$p, $q, $r, $s, $t, $u] = [$motion->a, $motion->b, $motion->c, $motion->d, $motion->e, $motion->f];

        return new self([
            $p * $a + $q * $d + $r * $g, $p * $b + $q * $e + $r * $h, $p * $c + $q * $f + $r * $i,
            $s * $a + $t * $d + $u * $g, $s * $b + $t * $e + $u * $h, $s * $c + $t * $f + $u * $i,
            $g, $h, $i,
        ]);
    }

    /** @return array{float, float, float, float, float, float, float, float, float} row by row, the last 1 */
    public function numbers(): array
    {
        return $this->h;
    }

    /**
     * Moved to their middle, and √2 from it on average (ibid., §4.4.4).
     *
     * @param  list<array{float, float}>  $places
     * @return array{list<array{float, float}>, float, float, float} places, the middle, and what they were multiplied by
     */
    private static function normalised(array $places): array
    {
        $count = count($places);
        [$x, $y] = [array_sum(array_column($places, 0)) / $count, array_sum(array_column($places, 1)) / $count];
        $far = array_sum(array_map(static fn (array $at): float => hypot($at[0] - $x, $at[1] - $y), $places)) / $count;
        $scale = M_SQRT2 / $far;

        return [array_map(static fn (array $at): array => [$scale * ($at[0] - $x), $scale * ($at[1] - $y)], $places), $x, $y, $scale];
    }

    /**
     * The vector that a symmetric matrix makes least of.
     *
     * @param  list<list<float>>  $sums
     * @return list<float>
     */
    private static function least(array $sums): array
    {
        $trace = 0.0;
        foreach ($sums as $i => $row) {
            $trace += $row[$i];
        }
        foreach (array_keys($sums) as $i) {
            $sums[$i][$i] += self::SHIFT * $trace;
        }
        $solver = new LU(new Matrix($sums));
        $vector = array_fill(0, 9, 1 / 3);
        for ($step = 0; $step < self::STEPS; $step++) {
            /** @var list<list<float>> $solved */
            $solved = $solver->solve(new Matrix(array_map(static fn (float $one): array => [$one], $vector)))->toArray();
            $vector = array_column($solved, 0);
            $length = sqrt(array_sum(array_map(static fn (float $one): float => $one * $one, $vector)));
            $vector = array_map(static fn (float $one): float => $one / $length, $vector);
        }

        return $vector;
    }

    /**
     * @param  list<array{float, float}>  $places
     *
     * @throws CornersUnusable
     */
    private static function check(array $places): void
    {
        $count = count($places);
        if ($count < 4) {
            throw CornersUnusable::tooFew();
        }
        if ($count > 4) {
            return;
        }
        foreach ([[0, 1, 2], [0, 1, 3], [0, 2, 3], [1, 2, 3]] as [$i, $j, $k]) {
            [$dx, $dy, $ex, $ey] = [$places[$j][0] - $places[$i][0], $places[$j][1] - $places[$i][1], $places[$k][0] - $places[$i][0], $places[$k][1] - $places[$i][1]];
            if (abs($dx * $ey - $dy * $ex) <= 1e-3 * hypot($dx, $dy) * hypot($ex, $ey)) {
                throw CornersUnusable::onALine();
            }
        }
    }
}
