<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** The straight line that lies nearest to places, by the squares of how far they lie off it (total least squares). */
final readonly class StraightLine
{
    /** Residuals beyond so many of the typical are slips (P. J. Rousseeuw and A. M. Leroy, Robust Regression and Outlier Detection, 1987, ch. 5: 2.5). */
    private const SLIP = 2.5;

    /** From a median to a standard deviation, for what is normally distributed (ibid.). */
    public const TYPICAL = 1.4826;

    /**
     * @param  float  $nx  across it; nx² + ny² = 1
     * @param  float  $c  nx·x + ny·y = c on it
     * @param  float  $off  the squares of what lies beside it, summed
     */
    private function __construct(public float $nx, public float $ny, public float $c, public float $off)
    {
    }

    /** @param  list<array{float, float}>  $places  two or more */
    public static function through(array $places): self
    {
        $count = count($places);
        [$mx, $my] = [0.0, 0.0];
        foreach ($places as [$x, $y]) {
            $mx += $x;
            $my += $y;
        }
        [$mx, $my] = [$mx / $count, $my / $count];
        [$xx, $xy, $yy] = [0.0, 0.0, 0.0];
        foreach ($places as [$x, $y]) {
            $xx += ($x - $mx) ** 2;
            $xy += ($x - $mx) * ($y - $my);
            $yy += ($y - $my) ** 2;
        }
        $along = atan2(2 * $xy, $xx - $yy) / 2;
        [$nx, $ny] = [-sin($along), cos($along)];

        return new self($nx, $ny, $nx * $mx + $ny * $my, max(0.0, $nx * $nx * $xx + 2 * $nx * $ny * $xy + $ny * $ny * $yy));
    }

    /**
     * The same, without the places that are slips: left out a few at a time.
     *
     * @param  list<array{float, float}>  $places
     * @return array{self, list<array{float, float}>} and the places that are on it
     */
    public static function without(array $places): array
    {
        $line = self::through($places);
        for ($round = 0; $round < 8 && count($places) > 4; $round++) {
            $off = array_map(static fn (array $at): float => abs($line->beside(...$at)), $places);
            $sorted = $off;
            sort($sorted);
            $most = max(0.25, self::SLIP * self::TYPICAL * $sorted[intdiv(count($sorted), 2)]);
            $kept = array_values(array_filter($places, static fn (int $i): bool => $off[$i] <= $most, ARRAY_FILTER_USE_KEY));
            if (count($kept) === count($places) || count($kept) < 4) {
                break;
            }
            $places = $kept;
            $line = self::through($places);
        }

        return [$line, $places];
    }

    /** How far a place lies beside it, to one side over 0 and to the other under. */
    public function beside(float $x, float $y): float
    {
        return $this->nx * $x + $this->ny * $y - $this->c;
    }

    /** @return array{float, float}|null null where they are as good as level with each other */
    public function meets(self $other): ?array
    {
        $area = $this->nx * $other->ny - $this->ny * $other->nx;

        return abs($area) < 1e-6 ? null : [($this->c * $other->ny - $this->ny * $other->c) / $area, ($this->nx * $other->c - $this->c * $other->nx) / $area];
    }
}
