<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/**
 * How an edge rises across itself at one place: how far it takes, and by how much. The colour changes across it as over a
 * step that is blurred by a Gaussian: its slope is that Gaussian, which is as wide at a fifth of its height as
 * 2 √(2 ln 5) = 3.588 σ, holds 92.7 % of the step between there, and lets the step rise from a tenth to nine tenths in
 * 2 · 1.2816 σ = 2.563 σ. Measured at a fifth, neighbours that are near do not count.
 */
final readonly class EdgeProfile
{
    /** Of the slope's height, down to which it counts. */
    private const FOOT = 0.2;

    private const RISE_BY_FOOT = 2.563 / 3.588;

    private const STEP_WITHIN_FOOT = 0.927;

    /** Samples to a pixel. */
    private const FINE = 2;

    private function __construct(
        /** From a tenth to nine tenths of the step, in pixels. */
        public float $rise,
        /** ΔE*ab (CIE 1976). */
        public float $contrast,
    ) {
    }

    /**
     * @param  \Closure(float, float): array{float, float, float}  $colour  L*, a*, b* at a place of the picture, in pixels
     * @param  array{float, float}  $across  which way is across, a unit long
     * @param  float  $reach  pixels to either side that are looked at
     */
    public static function at(float $x, float $y, array $across, float $reach, \Closure $colour): self
    {
        $count = (int) ceil($reach * self::FINE);
        $row = [];
        for ($i = -$count; $i <= $count; $i++) {
            $row[] = $colour($x + $across[0] * $i / self::FINE, $y + $across[1] * $i / self::FINE);
        }
        $slopes = [];
        for ($i = 1, $last = count($row) - 1; $i < $last; $i++) {
            $slopes[] = [($row[$i + 1][0] - $row[$i - 1][0]) * self::FINE / 2, ($row[$i + 1][1] - $row[$i - 1][1]) * self::FINE / 2, ($row[$i + 1][2] - $row[$i - 1][2]) * self::FINE / 2];
        }
        // The steepest place near the middle; the way its colour changes is the way of the edge.
        $middle = intdiv(count($slopes), 2);
        $near = max(1, intdiv($middle, 3));
        $steepest = $middle;
        $height = static fn (int $i): float => sqrt($slopes[$i][0] ** 2 + $slopes[$i][1] ** 2 + $slopes[$i][2] ** 2);
        for ($i = max(0, $middle - $near); $i <= min(count($slopes) - 1, $middle + $near); $i++) {
            if ($height($i) > $height($steepest)) {
                $steepest = $i;
            }
        }
        $peak = $height($steepest);
        if ($peak < 1e-6) {
            return new self(2 * $reach, 0.0);
        }
        $way = array_map(static fn (float $part): float => $part / $peak, $slopes[$steepest]);
        $along = static fn (int $i): float => $slopes[$i][0] * $way[0] + $slopes[$i][1] * $way[1] + $slopes[$i][2] * $way[2];
        $foot = self::FOOT * $peak;
        $sum = $peak;
        $width = 0.0;
        foreach ([-1, 1] as $to) {
            for ($i = $steepest; isset($slopes[$i + $to]) && $along($i + $to) > $foot; $i += $to) {
                $sum += $along($i + $to);
                $width++;
            }
            // Between the last above the foot and the first below it.
            $width += isset($slopes[$i + $to]) ? ($along($i) - $foot) / max(1e-9, $along($i) - $along($i + $to)) : 0.0;
        }

        return new self($width / self::FINE * self::RISE_BY_FOOT, $sum / self::FINE / self::STEP_WITHIN_FOOT);
    }
}
