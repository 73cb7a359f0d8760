<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** How hard a contour is along its way through a cell. */
final readonly class ContourStrength
{
    private function __construct(
        /** @var list<array{float, float}> its places at even steps, as shares of the cell across and down */
        private array $places,
        /** @var list<EdgeStretch> */
        public array $stretches,
    ) {
    }

    /**
     * @param  non-empty-list<array{float, float}>  $path  as shares of the cell
     * @param  array{float, float, float, float}  $cell  its left, top, width and height in pixels of a picture
     * @param  float  $long  the drawing's longer side, in pixels
     * @param  \Closure(float, float): array{float, float, float}  $colour  L*, a*, b* at a place of the picture
     */
    public static function of(array $path, array $cell, float $long, \Closure $colour): self
    {
        [$left, $top, $wide, $high] = $cell;
        $places = EvenSteps::along(array_map(static fn (array $at): array => [$left + $at[0] * $wide, $top + $at[1] * $high], $path), Figures::STRENGTH_STEP * max($wide, $high));
        $last = count($places) - 1;
        $strengths = [];
        for ($i = 0; $i < $last; $i++) {
            [[$x1, $y1], [$x2, $y2]] = [$places[$i], $places[$i + 1]];
            // The way of the contour over a little more than this one step.
            [$from, $to] = [$places[max(0, $i - 1)], $places[min($last, $i + 2)]];
            $run = max(1e-9, hypot($to[0] - $from[0], $to[1] - $from[1]));
            $across = [-($to[1] - $from[1]) / $run, ($to[0] - $from[0]) / $run];
            $profile = EdgeProfile::at(($x1 + $x2) / 2, ($y1 + $y2) / 2, $across, Figures::ACROSS_EDGE * $long, $colour);
            $strengths[] = EdgeStrength::of($profile->rise / $long, $profile->contrast);
        }

        return new self(array_map(static fn (array $at): array => [($at[0] - $left) / $wide, ($at[1] - $top) / $high], $places), EdgeStretch::along($strengths, Figures::SHORTEST_STRETCH));
    }

    /** @return list<array{float, float}> the places of a stretch, both its ends included */
    public function places(EdgeStretch $stretch): array
    {
        return array_slice($this->places, $stretch->from, $stretch->to - $stretch->from + 1);
    }
}
