<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/**
 * What light a sheet lies in, from its bare paper: a plane over it, by least squares. A photograph of a drawing is divided
 * by it, so that what is left is what was laid on the paper, in linear light.
 */
final readonly class PaperLight
{
    private function __construct(private float $middle, private float $across, private float $down)
    {
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $bare  places of bare paper in shares of the sheet, and the linear light there, 0…1
     */
    public static function over(array $bare): self
    {
        $n = count($bare);
        [$mx, $my, $mv] = [array_sum(array_column($bare, 0)) / $n, array_sum(array_column($bare, 1)) / $n, array_sum(array_column($bare, 2)) / $n];
        [$xx, $xy, $yy, $xv, $yv] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($bare as [$x, $y, $v]) {
            [$x, $y, $v] = [$x - $mx, $y - $my, $v - $mv];
            [$xx, $xy, $yy, $xv, $yv] = [$xx + $x * $x, $xy + $x * $y, $yy + $y * $y, $xv + $x * $v, $yv + $y * $v];
        }
        $area = $xx * $yy - $xy * $xy;
        // Places in one spot or on one line tell of no slope across it.
        [$across, $down] = $area < 1e-9 * $n * $n ? [0.0, 0.0] : [($yy * $xv - $xy * $yv) / $area, ($xx * $yv - $xy * $xv) / $area];

        return new self($mv - $across * $mx - $down * $my, $across, $down);
    }

    /** Linear light of bare paper at a place. */
    public function at(float $x, float $y): float
    {
        return max(1e-3, $this->middle + $this->across * $x + $this->down * $y);
    }
}
