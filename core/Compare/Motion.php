<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use Matrix\Decomposition\QR;
use Matrix\Matrix;

/**
 * How a drawing, or a part of it, came out: moved, turned, of another size, and at most stretched and leaning.
 * (x, y) → (a·x + b·y + c, d·x + e·y + f), in millimetres of the paper, y down.
 */
final readonly class Motion
{
    private function __construct(public float $a, public float $b, public float $c, public float $d, public float $e, public float $f)
    {
    }

    public static function none(): self
    {
        return new self(1, 0, 0, 0, 1, 0);
    }

    /**
     * Moved, turned and sized about a place.
     *
     * @param  array{float, float}  $middle
     * @param  float  $degrees  clockwise as it is seen
     */
    public static function about(array $middle, float $right, float $down, float $degrees, float $size): self
    {
        $cos = $size * cos(deg2rad($degrees));
        $sin = $size * sin(deg2rad($degrees));
        [$x, $y] = $middle;

        return new self($cos, -$sin, $x + $right - $cos * $x + $sin * $y, $sin, $cos, $y + $down - $sin * $x - $cos * $y);
    }

    /**
     * All by as much: the mean.
     *
     * @param  non-empty-list<array{float, float}>  $from
     * @param  non-empty-list<array{float, float}>  $to
     */
    public static function shift(array $from, array $to): self
    {
        $mean = static fn (int $axis): float => (array_sum(array_column($to, $axis)) - array_sum(array_column($from, $axis))) / count($from);

        return new self(1, 0, $mean(0), 0, 1, $mean(1));
    }

    /**
     * Moved, turned and sized, by least squares (S. Umeyama, "Least-squares estimation of transformation parameters
     * between two point patterns", IEEE PAMI 13 (1991), 376–380, eqs. 40–43; in the plane the rotation has a closed form).
     *
     * @param  non-empty-list<array{float, float}>  $from  two places or more, not all the same
     * @param  non-empty-list<array{float, float}>  $to
     */
    public static function similarity(array $from, array $to): self
    {
        $count = count($from);
        [$mx, $my, $nx, $ny] = [array_sum(array_column($from, 0)) / $count, array_sum(array_column($from, 1)) / $count, array_sum(array_column($to, 0)) / $count, array_sum(array_column($to, 1)) / $count];
        [$same, $across, $spread] = [0.0, 0.0, 0.0];
        foreach ($from as $i => [$x, $y]) {
            [$x, $y, $u, $v] = [$x - $mx, $y - $my, $to[$i][0] - $nx, $to[$i][1] - $ny];
            $same += $x * $u + $y * $v;
            $across += $x * $v - $y * $u;
            $spread += $x * $x + $y * $y;
        }
        if ($spread < 1e-12) {
            return self::shift($from, $to);
        }
        [$cos, $sin] = [$same / $spread, $across / $spread];

        return new self($cos, -$sin, $nx - $cos * $mx + $sin * $my, $sin, $cos, $ny - $sin * $mx - $cos * $my);
    }

    /**
     * Stretched and leaning as well, by least squares.
     *
     * @param  non-empty-list<array{float, float}>  $from  three places or more, not on one line
     * @param  non-empty-list<array{float, float}>  $to
     * @return self|null null where they lie on a line
     */
    public static function affine(array $from, array $to): ?self
    {
        $count = count($from);
        [$mx, $my] = [array_sum(array_column($from, 0)) / $count, array_sum(array_column($from, 1)) / $count];
        // About their middle, so that far and near sheets are as good.
        $rows = array_map(static fn (array $at): array => [$at[0] - $mx, $at[1] - $my, 1.0], $from);
        $solver = new QR(new Matrix($rows));
        if (! $solver->isFullRank() || self::thin($rows)) {
            return null;
        }
        /** @var list<array{float, float}> $found */
        $found = $solver->solve(new Matrix($to))->toArray();
        [[$a, $d], [$b, $e], [$c, $f]] = $found;

        return new self($a, $b, $c - $a * $mx - $b * $my, $d, $e, $f - $d * $mx - $e * $my);
    }

    /** @return array{float, float} */
    public function apply(float $x, float $y): array
    {
        return [$this->a * $x + $this->b * $y + $this->c, $this->d * $x + $this->e * $y + $this->f];
    }

    /**
     * By how much it moved a place: right and down.
     *
     * @return array{float, float}
     */
    public function at(float $x, float $y): array
    {
        [$u, $v] = $this->apply($x, $y);

        return [$u - $x, $v - $y];
    }

    /** First this one, then another. */
    public function then(self $next): self
    {
        return new self(
            $next->a * $this->a + $next->b * $this->d,
            $next->a * $this->b + $next->b * $this->e,
            $next->a * $this->c + $next->b * $this->f + $next->c,
            $next->d * $this->a + $next->e * $this->d,
            $next->d * $this->b + $next->e * $this->e,
            $next->d * $this->c + $next->e * $this->f + $next->f,
        );
    }

    /** The same, seen so many times smaller. */
    public function smaller(float $times): self
    {
        return new self($this->a, $this->b, $this->c / $times, $this->d, $this->e, $this->f / $times);
    }

    /** The way back. */
    public function inverse(): self
    {
        $area = $this->a * $this->e - $this->b * $this->d;
        [$a, $b, $d, $e] = [$this->e / $area, -$this->b / $area, -$this->d / $area, $this->a / $area];

        return new self($a, $b, -$a * $this->c - $b * $this->f, $d, $e, -$d * $this->c - $e * $this->f);
    }

    /** Degrees, clockwise as it is seen: of what ran across. */
    public function turn(): float
    {
        return rad2deg(atan2($this->d, $this->a));
    }

    /** How many times as large, across and down alike. */
    public function size(): float
    {
        return sqrt(abs($this->a * $this->e - $this->b * $this->d));
    }

    /** How many times as much across as down. */
    public function stretch(): float
    {
        return ($this->a ** 2 + $this->d ** 2) / abs($this->a * $this->e - $this->b * $this->d);
    }

    /** Degrees by which what stood plumb leans, to the right as one goes down, once what ran across is level again. */
    public function lean(): float
    {
        return rad2deg(atan2($this->a * $this->b + $this->d * $this->e, $this->a * $this->e - $this->b * $this->d));
    }

    /**
     * Places that are as good as on one line tell no stretch.
     *
     * @param  list<array{float, float, float}>  $about
     */
    private static function thin(array $about): bool
    {
        [$xx, $xy, $yy] = [0.0, 0.0, 0.0];
        foreach ($about as [$x, $y]) {
            $xx += $x * $x;
            $xy += $x * $y;
            $yy += $y * $y;
        }
        $spread = sqrt(($xx - $yy) ** 2 + 4 * $xy * $xy);

        return $xx + $yy - $spread < 0.01 * ($xx + $yy + $spread);
    }
}
