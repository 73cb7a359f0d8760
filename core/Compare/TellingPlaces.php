<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * Places that a drawing can be judged by where nobody marked any: where lines turn or meet, so that a place is told on
 * both axes (the smaller eigenvalue of the directions about it: J. Shi and C. Tomasi, "Good features to track", CVPR 1994).
 */
final class TellingPlaces
{
    /** Mm about a place whose lines count. */
    private const ABOUT = 7.0;

    /** As many across and down, so that they spread over the drawing. */
    private const PARTS = 3;

    /** Under this nothing turns. */
    private const LEAST = 0.12;

    /**
     * @param  list<array{float, float}>  $lines  samples in mm from the drawing area's top left, one line after another
     * @return list<array{float, float}> at most nine, in mm
     */
    public static function of(array $lines, float $wide, float $high): array
    {
        $cells = [];
        [$across, $down] = [max(1, (int) ($wide / self::ABOUT)), max(1, (int) ($high / self::ABOUT))];
        $count = count($lines);
        for ($i = 1; $i < $count; $i++) {
            [$dx, $dy] = [$lines[$i][0] - $lines[$i - 1][0], $lines[$i][1] - $lines[$i - 1][1]];
            $long = hypot($dx, $dy);
            if ($long > 3 || $long < 1e-6) {
                continue;
            }
            [$cx, $cy] = [(int) ($lines[$i][0] / $wide * $across), (int) ($lines[$i][1] / $high * $down)];
            if ($cx < 0 || $cy < 0 || $cx >= $across || $cy >= $down) {
                continue;
            }
            [$xx, $xy, $yy, $n, $sx, $sy] = $cells[$cy * $across + $cx] ?? [0.0, 0.0, 0.0, 0, 0.0, 0.0];
            [$u, $v] = [$dx / $long, $dy / $long];
            $cells[$cy * $across + $cx] = [$xx + $u * $u, $xy + $u * $v, $yy + $v * $v, $n + 1, $sx + $lines[$i][0], $sy + $lines[$i][1]];
        }
        $best = [];
        foreach ($cells as $at => [$xx, $xy, $yy, $n, $sx, $sy]) {
            [$cx, $cy] = [$at % $across, intdiv($at, $across)];
            // What is cut off at the edge of the drawing is no place of its own, and a crowd of lines is none that stands out.
            if ($n < 12 || $n > 90 || $cx === 0 || $cy === 0 || $cx === $across - 1 || $cy === $down - 1) {
                continue;
            }
            $smaller = ($xx + $yy - sqrt(($xx - $yy) ** 2 + 4 * $xy * $xy)) / 2 / $n;
            $part = intdiv(self::PARTS * $cy, $down) * self::PARTS + intdiv(self::PARTS * $cx, $across);
            if ($smaller > max(self::LEAST, $best[$part][0] ?? 0.0)) {
                $best[$part] = [$smaller, $sx / $n, $sy / $n];
            }
        }
        ksort($best);

        return array_map(static fn (array $one): array => [$one[1], $one[2]], array_values($best));
    }
}
