<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * The strongest slanted straight edges of a picture, from frame to frame. Every place votes for the one line its own
 * gradient names (the Hough transform with the gradient's direction; O'Gorman and Clowes 1976, from memory); votes are
 * signed, so that texture cancels out and the edge of a mass does not.
 */
final readonly class SlantedEdges
{
    /** Nearer to level or upright than this, in degrees, it is offered as such. */
    private const SLANT = 8;

    /** Votes are gathered in bins of so many degrees, and so many samples across. */
    private const DEGREES = 3;

    private const SAMPLES = 3.0;

    /** Two lines whose ends are nearer than this share of the picture are one mass's edge. */
    private const APART = 0.12;

    /**
     * @return list<array{float, float, float, float, float}> x, y to x, y on the frame, as shares of the sides, from the left end; and
     *                                                        strength against the typical step; the strongest first
     */
    public static function of(Field $field, int $most): array
    {
        [$votes, $typical] = self::votes($field);
        arsort($votes);
        $found = [];
        foreach ($votes as $bin => $sum) {
            [$angle, $distance] = [intdiv($bin, 10_000), $bin % 10_000 - 5_000];
            $line = self::onFrame($field, deg2rad(($angle + 0.5) * self::DEGREES), ($distance + 0.5) * self::SAMPLES);
            if ($line === null) {
                continue;
            }
            [$x1, $y1, $x2, $y2] = $line;
            $strength = $sum / hypot(($x2 - $x1) * $field->wide, ($y2 - $y1) * $field->high) / $typical;
            if ($strength >= Figures::SLANT_STANDS_OUT && array_filter($found, static fn (array $one): bool => hypot($one[0] - $x1, $one[1] - $y1) < self::APART && hypot($one[2] - $x2, $one[3] - $y2) < self::APART) === []) {
                $found[] = [$x1, $y1, $x2, $y2, $strength];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[4] <=> $a[4]);

        return array_slice($found, 0, $most);
    }

    /** @return array{array<int, float>, float} strength of each bin with its neighbours, and the typical step */
    private static function votes(Field $field): array
    {
        $bins = [];
        $all = 0.0;
        $turns = intdiv(180, self::DEGREES);
        for ($y = 1; $y < $field->high - 1; $y++) {
            for ($x = 1; $x < $field->wide - 1; $x++) {
                $across = ($field->at($x + 1, $y) - $field->at($x - 1, $y)) / 2;
                $down = ($field->at($x, $y + 1) - $field->at($x, $y - 1)) / 2;
                $step = hypot($across, $down);
                $all += $step;
                $degrees = rad2deg(atan2($down, $across));
                // A half turn round, the same line with the dark on its other side.
                $sign = $degrees < 0 || $degrees >= 180 ? -1 : 1;
                $degrees = fmod($degrees + 360, 180);
                if ($step < 0.4 || min($degrees, abs($degrees - 90), 180 - $degrees) < self::SLANT) {
                    continue;
                }
                $radians = deg2rad($degrees);
                $angle = intdiv((int) $degrees, self::DEGREES) % $turns;
                $distance = (int) floor(($x * cos($radians) + $y * sin($radians)) / self::SAMPLES);
                $bin = $angle * 10_000 + $distance + 5_000;
                $bins[$bin] = ($bins[$bin] ?? 0.0) + $sign * $step;
            }
        }
        $votes = [];
        foreach (array_keys($bins) as $bin) {
            $sum = 0.0;
            foreach ([-10_000, 0, 10_000] as $turn) {
                foreach ([-1, 0, 1] as $aside) {
                    $sum += $bins[$bin + $turn + $aside] ?? 0.0;
                }
            }
            $votes[$bin] = abs($sum);
        }

        return [$votes, max(0.2, $all / ($field->wide * $field->high))];
    }

    /**
     * Where the line x·cos + y·sin = distance meets the frame.
     *
     * @return array{float, float, float, float}|null shares, from its left end; null when it only cuts a corner
     */
    private static function onFrame(Field $field, float $angle, float $distance): ?array
    {
        [$wide, $high] = [$field->wide - 1, $field->high - 1];
        [$cos, $sin] = [cos($angle), sin($angle)];
        $ends = [];
        foreach ([0, $wide] as $x) {
            $ends[] = [$x, ($distance - $x * $cos) / $sin];
        }
        foreach ([0, $high] as $y) {
            $ends[] = [($distance - $y * $sin) / $cos, $y];
        }
        $ends = array_values(array_filter($ends, static fn (array $end): bool => $end[0] >= -0.5 && $end[0] <= $wide + 0.5 && $end[1] >= -0.5 && $end[1] <= $high + 0.5));
        usort($ends, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (count($ends) < 2) {
            return null;
        }
        [$from, $to] = [$ends[0], $ends[count($ends) - 1]];
        // A main line runs through the picture, half its shorter side at least.
        if (hypot($to[0] - $from[0], $to[1] - $from[1]) < min($wide, $high) / 2) {
            return null;
        }

        return [$from[0] / $wide, $from[1] / $high, $to[0] / $wide, $to[1] / $high];
    }
}
