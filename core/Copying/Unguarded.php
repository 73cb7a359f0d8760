<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Rational;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\Contours;

/** Long stretches of contour that no key point holds, and where on each a point would hold it best: on a line of the grid, so that it takes one measure. */
final class Unguarded
{
    /**
     * @param  Contours  $contours  as they are in the cells
     * @return list<array{float, float}> places in shares of the crop, that on the contour which tells most first; no more than Figures::SUGGESTED
     */
    public static function in(Contours $contours, Layout $layout): array
    {
        [$a, $b, $c, $d, $e, $f] = ContoursInGrid::toCrop($contours, $layout);
        // In units of the drawing's longer side.
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        [$wide, $high] = [$wide / max($wide, $high), $high / max($wide, $high)];
        $lines = [
            array_map(static fn (Rational $share): float => $share->toFloat() * $wide, $layout->grid->columns),
            array_map(static fn (Rational $share): float => $share->toFloat() * $high, $layout->grid->rows),
        ];
        $points = array_map(static fn (Placed $point): array => [$point->x->toFloat() * $wide, $point->y->toFloat() * $high], array_values(array_filter($layout->points(), static fn (Placed $point): bool => $point->isInside())));
        $all = $contours->all;
        usort($all, static fn (Contour $one, Contour $other): int => $other->length() * $other->contrast() <=> $one->length() * $one->contrast());
        $suggested = [];
        foreach (array_slice($all, 0, 10 * Figures::SUGGESTED) as $contour) {
            $places = [];
            foreach ($contour->x as $i => $x) {
                $places[] = [($a * $x + $b * $contour->y[$i] + $c) * $wide, ($d * $x + $e * $contour->y[$i] + $f) * $high];
            }
            while (count($suggested) < Figures::SUGGESTED && ($place = self::onLongest($places, $points, $lines, $wide, $high)) !== null) {
                $points[] = $place;
                $suggested[] = [$place[0] / $wide, $place[1] / $high];
            }
        }

        return $suggested;
    }

    /**
     * @param  list<array{float, float}>  $places
     * @param  list<array{float, float}>  $points
     * @param  array{list<float>, list<float>}  $lines
     * @return array{float, float}|null on the longest stretch that is held by none; null when none is long
     */
    private static function onLongest(array $places, array $points, array $lines, float $wide, float $high): ?array
    {
        $longest = [];
        $most = Figures::UNGUARDED;
        $stretch = [];
        $length = 0.0;
        foreach ($places as $place) {
            if ($place[0] < 0 || $place[1] < 0 || $place[0] > $wide || $place[1] > $high || self::isHeld($place, $points)) {
                [$stretch, $length] = [[], 0.0];

                continue;
            }
            $before = $stretch === [] ? $place : $stretch[count($stretch) - 1][0];
            $length += hypot($place[0] - $before[0], $place[1] - $before[1]);
            $stretch[] = [$place, $length];
            if ($length > $most) {
                [$longest, $most] = [$stretch, $length];
            }
        }

        return $longest === [] ? null : self::onLine($longest, $most, $lines);
    }

    /**
     * @param  array{float, float}  $place
     * @param  list<array{float, float}>  $points
     */
    private static function isHeld(array $place, array $points): bool
    {
        foreach ($points as $point) {
            if (abs($point[0] - $place[0]) < Figures::HOLDS && hypot($point[0] - $place[0], $point[1] - $place[1]) < Figures::HOLDS) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where a stretch crosses a line nearest to its middle; its middle where it crosses none.
     *
     * @param  non-empty-list<array{array{float, float}, float}>  $stretch  places, and how far along each is
     * @param  array{list<float>, list<float>}  $lines
     * @return array{float, float}
     */
    private static function onLine(array $stretch, float $length, array $lines): array
    {
        $best = $stretch[intdiv(count($stretch), 2)][0];
        $off = $length / 3;
        for ($i = 1, $count = count($stretch); $i < $count; $i++) {
            [[$one, $far], [$other]] = [$stretch[$i - 1], $stretch[$i]];
            foreach ($lines as $axis => $at) {
                foreach ($at as $line) {
                    if ($one[$axis] !== $other[$axis] && ($one[$axis] - $line) * ($other[$axis] - $line) <= 0 && abs($far - $length / 2) < $off) {
                        $part = ($line - $one[$axis]) / ($other[$axis] - $one[$axis]);
                        $off = abs($far - $length / 2);
                        $best = [$one[0] + $part * ($other[0] - $one[0]), $one[1] + $part * ($other[1] - $one[1])];
                        $best[$axis] = $line;
                    }
                }
            }
        }

        return $best;
    }
}
