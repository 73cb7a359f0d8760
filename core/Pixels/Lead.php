<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** Where some points lead on to: along the parabola nearest to them, by least squares across the way they go. */
final readonly class Lead
{
    private function __construct(
        private float $x,
        private float $y,
        private float $goX,
        private float $goY,
        /** How far along the last point lies. */
        private float $last,
        /** @var array{float, float, float} */
        private array $curve,
        /** How far the point that fits worst is off the curve. */
        public float $misses,
    ) {
    }

    /**
     * @param  list<float>  $xs  at least 4
     * @param  list<float>  $ys
     */
    public static function of(array $xs, array $ys): self
    {
        $count = count($xs);
        [$x, $y] = [$xs[0], $ys[0]];
        $long = max(1e-9, hypot($xs[$count - 1] - $x, $ys[$count - 1] - $y));
        [$goX, $goY] = [($xs[$count - 1] - $x) / $long, ($ys[$count - 1] - $y) / $long];
        // Sums of powers of how far along, and of the same times how far aside.
        [$powers, $aside] = [array_fill(0, 5, 0.0), array_fill(0, 3, 0.0)];
        foreach ($xs as $i => $at) {
            $along = ($at - $x) * $goX + ($ys[$i] - $y) * $goY;
            $off = ($ys[$i] - $y) * $goX - ($at - $x) * $goY;
            for ($power = 0; $power < 5; $power++) {
                $powers[$power] += $along ** $power;
            }
            for ($power = 0; $power < 3; $power++) {
                $aside[$power] += $off * $along ** $power;
            }
        }

        // Few points tell no bend.
        [$a, $b, $c] = [...self::solved($powers, $aside, $count < 8 ? 2 : 3), 0.0];
        $misses = max([0.0, ...array_map(static function (int $i) use ($xs, $ys, $x, $y, $goX, $goY, $a, $b, $c): float {
            $along = ($xs[$i] - $x) * $goX + ($ys[$i] - $y) * $goY;

            return abs(($ys[$i] - $y) * $goX - ($xs[$i] - $x) * $goY - $a - $b * $along - $c * $along * $along);
        }, array_keys($xs))]);

        return new self($x, $y, $goX, $goY, $long, [$a, $b, $c], $misses);
    }

    /** @return array{float, float} the place so far beyond the last point */
    public function on(float $far): array
    {
        $along = $this->last + $far;
        $off = $this->curve[0] + $this->curve[1] * $along + $this->curve[2] * $along * $along;

        return [$this->x + $along * $this->goX - $off * $this->goY, $this->y + $along * $this->goY + $off * $this->goX];
    }

    /**
     * The normal equations of a polynomial, by Gauss's elimination.
     *
     * @param  array<int, float>  $powers
     * @param  array<int, float>  $aside
     * @return list<float> coefficients, the constant first
     */
    private static function solved(array $powers, array $aside, int $count): array
    {
        $rows = array_map(static fn (int $i): array => [...array_map(static fn (int $k): float => $powers[$i + $k], range(0, $count - 1)), $aside[$i]], range(0, $count - 1));
        for ($i = 0; $i < $count; $i++) {
            for ($below = $i + 1; $below < $count; $below++) {
                $by = $rows[$below][$i] / $rows[$i][$i];
                foreach ($rows[$i] as $k => $value) {
                    $rows[$below][$k] -= $by * $value;
                }
            }
        }
        $solved = array_fill(0, $count, 0.0);
        for ($i = $count - 1; $i >= 0; $i--) {
            $rest = $rows[$i][$count];
            for ($k = $i + 1; $k < $count; $k++) {
                $rest -= $rows[$i][$k] * $solved[$k];
            }
            $solved[$i] = $rest / $rows[$i][$i];
        }

        return array_values($solved);
    }
}
