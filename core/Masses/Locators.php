<?php

declare(strict_types=1);

namespace InchLadder\Masses;

use InchLadder\Pixels\Contour;

/** The few inner lines by which one finds one's way inside the masses, before anything inside is drawn: the long, strong ones well off every outline. */
final class Locators
{
    /**
     * @param  list<Contour>  $contours
     * @param  array{float, float, float, float, float, float}  $map  from a place on a contour to shares of the crop: a, b, c, d, e, f of (a·x + b·y + c, d·x + e·y + f)
     * @param  int  $most  lines
     * @param  float  $straight  to how much of the crop's longer side they are straightened
     * @return list<non-empty-list<array{float, float}>> in shares of the crop's width and height, the one that tells most first
     */
    public static function among(array $contours, array $map, Regions $regions, int $most, float $straight): array
    {
        [$wide, $high] = [$regions->wide, $regions->high];
        $long = max($wide, $high);
        $near = self::nearOutlines($regions, (int) ceil(Figures::CLEAR * $long));
        $lines = [];
        foreach ($contours as $contour) {
            foreach (self::inside($contour, $map, $near, $wide, $high) as $line) {
                $length = Contour::along(array_column($line, 0), array_column($line, 1));
                if ($length >= Figures::LOCATES * $long) {
                    $lines[] = [$length * $contour->contrast(), $line];
                }
            }
        }
        usort($lines, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
        $off = max(Figures::STAIR, $straight * $long);

        return array_map(
            static fn (array $line): array => array_map(static fn (array $place): array => [$place[0] / $wide, $place[1] / $high], Straightened::of($line[1], $off)),
            array_slice($lines, 0, $most),
        );
    }

    /**
     * The stretches of a contour inside the crop and off every outline.
     *
     * @param  array{float, float, float, float, float, float}  $map
     * @param  array<int, true>  $near
     * @return list<non-empty-list<array{float, float}>> in samples
     */
    private static function inside(Contour $contour, array $map, array $near, int $wide, int $high): array
    {
        $lines = [];
        $line = [];
        foreach ($contour->x as $i => $x) {
            [$u, $v] = [($map[0] * $x + $map[1] * $contour->y[$i] + $map[2]) * $wide, ($map[3] * $x + $map[4] * $contour->y[$i] + $map[5]) * $high];
            if ($u < 0 || $v < 0 || $u >= $wide || $v >= $high || isset($near[(int) $v * $wide + (int) $u])) {
                $line !== [] && $lines[] = $line;
                $line = [];
            } else {
                $line[] = [$u, $v];
            }
        }

        return $line === [] ? $lines : [...$lines, $line];
    }

    /** @return array<int, true> samples no farther from an outline, or from the crop's edge, than so many */
    private static function nearOutlines(Regions $regions, int $reach): array
    {
        [$wide, $high, $labels] = [$regions->wide, $regions->high, $regions->labels];
        $near = [];
        foreach ($labels as $i => $label) {
            [$x, $y] = [$i % $wide, intdiv($i, $wide)];
            if (($x + 1 < $wide && $labels[$i + 1] !== $label) || ($y + 1 < $high && $labels[$i + $wide] !== $label)) {
                for ($v = max(0, $y - $reach); $v <= min($high - 1, $y + $reach); $v++) {
                    for ($u = max(0, $x - $reach); $u <= min($wide - 1, $x + $reach); $u++) {
                        $near[$v * $wide + $u] = true;
                    }
                }
            }
        }

        return $near;
    }
}
