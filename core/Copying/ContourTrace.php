<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Slope;
use InchLadder\Pixels\Contour;

/** How a contour runs through a cell of the paper: in, out, how it slopes, and which way it bulges by how much. */
final readonly class ContourTrace
{
    private function __construct(
        /** @var non-empty-list<array{float, float}> from crossing to crossing, as shares of the cell across and down */
        public array $path,
        public Crossing $in,
        /** Null when it fades inside the cell. */
        public ?Crossing $out,
        /** Of the straight way from in to out, on the paper. */
        public Slope $slope,
        /** The farthest it strays from that straight way, on the paper. */
        public Length $bulge,
        /** Which way: up, down, left or right; empty when it is straight. */
        public string $towards,
        /** @var array{float, float} where it strays farthest, as shares of the cell */
        public array $top,
    ) {
    }

    /** @param  Size  $cell  on the paper */
    public static function of(Contour $contour, Crossing $in, ?Crossing $out, Size $cell): self
    {
        [$wide, $high] = [$cell->width->toFloat(), $cell->height->toFloat()];
        $first = $in->side->point($in->at);
        $last = $out === null ? $contour->points[count($contour->points) - 1] : $out->side->point($out->at);
        [$runX, $runY] = [($last[0] - $first[0]) * $wide, ($last[1] - $first[1]) * $high];
        $way = hypot($runX, $runY);
        $farthest = 0.0;
        $top = $first;
        $path = [$first, ...array_slice($contour->points, 1, -1), $last];
        foreach ($path as [$x, $y]) {
            $away = $way === 0.0 ? 0.0 : ($runX * ($y - $first[1]) * $high - $runY * ($x - $first[0]) * $wide) / $way;
            if (abs($away) > abs($farthest)) {
                [$farthest, $top] = [$away, [$x, $y]];
            }
        }
        $straight = abs($farthest) < Figures::STRAIGHT * $way;
        // The normal on the side it strays to; the paper's y grows downwards.
        [$normalX, $normalY] = [-$runY * ($farthest <=> 0), $runX * ($farthest <=> 0)];
        $towards = abs($normalY) >= abs($normalX) ? ($normalY < 0 ? 'up' : 'down') : ($normalX < 0 ? 'left' : 'right');

        return new self($path, $in, $out, Slope::of($runX, -$runY), Length::mm(Rational::near(abs($farthest))), $straight ? '' : $towards, $top);
    }
}
