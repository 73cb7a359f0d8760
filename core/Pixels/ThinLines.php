<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * Two opposite edges nearer to each other than a pencil can part are one line: a branch, a stem, a strap, a whisker.
 * It runs along their middle and has a width. Of two edges that step the same way so near to each other, a hand draws
 * the stronger.
 */
final class ThinLines
{
    /** Cosine between the two ways that still run together, 25°. */
    private const TOGETHER = 0.9;

    /** Points of a contour that are looked at, one in so many. */
    private const EVERY = 3;

    /**
     * @param  list<Contour>  $contours
     * @param  float  $widest  samples between the two edges of a line at most
     * @return list<Contour>
     */
    public static function merged(array $contours, float $widest): array
    {
        $net = self::net($contours, max(2.0, $widest));
        $ways = array_map(self::ways(...), $contours);
        $runs = [];
        foreach ($contours as $i => $contour) {
            array_push($runs, ...self::runs($contours, $i, self::partners($contours, $ways, $i, $net, $widest), $widest));
        }
        // The longest first; a stretch of an edge belongs to one line.
        usort($runs, static fn (array $a, array $b): int => ($b['to'] - $b['from']) <=> ($a['to'] - $a['from']));
        [$taken, $lines] = [[], []];
        foreach ($runs as $run) {
            [$i, $j] = [$run['of'], $run['with']];
            $there = array_values($run['places']);
            [$first, $last] = [min($there), max($there)];
            if (self::isTaken($taken[$i] ?? [], $run['from'], $run['to']) || self::isTaken($taken[$j] ?? [], $first, $last)) {
                continue;
            }
            $taken[$i][] = [$run['from'], $run['to']];
            if ($run['opposite']) {
                $taken[$j][] = [$first, $last];
                $lines[] = self::line($contours[$i], $contours[$j], $run['places']);
            }
        }
        foreach ($contours as $i => $contour) {
            array_push($lines, ...self::rest($contour, $taken[$i] ?? []));
        }

        return $lines;
    }

    /**
     * @param  list<Contour>  $contours
     * @return array<int, list<array{int, int}>> points by the square they lie in, as contour and number
     */
    private static function net(array $contours, float $side): array
    {
        $net = [];
        foreach ($contours as $i => $contour) {
            foreach ($contour->x as $k => $x) {
                $net[(int) ($contour->y[$k] / $side) * 100_000 + (int) ($x / $side)][] = [$i, $k];
            }
        }

        return $net;
    }

    /**
     * The nearest point across each of a contour's points.
     *
     * @param  list<Contour>  $contours
     * @param  list<array{list<float>, list<float>}>  $ways
     * @param  array<int, list<array{int, int}>>  $net
     * @return array<int, array{int, int, bool, float}> by number: contour and number there, whether it is opposite, and how far
     */
    private static function partners(array $contours, array $ways, int $i, array $net, float $widest): array
    {
        $own = $contours[$i];
        $side = max(2.0, $widest);
        $partners = [];
        $last = $own->count() - 1;
        for ($k = 0; $k <= $last; $k += self::EVERY) {
            $x = $own->x[$k];
            $y = $own->y[$k];
            $goX = $ways[$i][0][$k];
            $goY = $ways[$i][1][$k];
            [$best, $nearest] = [null, $widest];
            for ($v = (int) ($y / $side) - 1; $v <= (int) ($y / $side) + 1; $v++) {
                for ($u = (int) ($x / $side) - 1; $u <= (int) ($x / $side) + 1; $u++) {
                    foreach ($net[$v * 100_000 + $u] ?? [] as [$j, $m]) {
                        $dx = $contours[$j]->x[$m] - $x;
                        $dy = $contours[$j]->y[$m] - $y;
                        if (abs($dx * $goX + $dy * $goY) > 1.0) {
                            continue;
                        }
                        $across = abs($dx * $goY - $dy * $goX);
                        if ($across >= $nearest || $across < 0.5 || ($j === $i && abs($m - $k) < 3 * $widest)) {
                            continue;
                        }
                        $together = $goX * $ways[$j][0][$m] + $goY * $ways[$j][1][$m];
                        if (abs($together) < self::TOGETHER) {
                            continue;
                        }
                        // Steps are of each contour's own left and right; walked the other way, they turn about.
                        $alike = ($together < 0 ? -1 : 1) * ($own->step[0] * $contours[$j]->step[0] + $own->step[1] * $contours[$j]->step[1] + $own->step[2] * $contours[$j]->step[2]);
                        $nearest = $across;
                        $best = [$j, $m, $alike < 0, $across];
                    }
                }
            }
            if ($best !== null) {
                $partners[$k] = $best;
            }
        }

        return $partners;
    }

    /**
     * Stretches of a contour that run beside one and the same other.
     *
     * @param  list<Contour>  $contours
     * @param  array<int, array{int, int, bool, float}>  $partners
     * @return list<array{of: int, with: int, opposite: bool, from: int, to: int, places: non-empty-array<int, int>}>
     */
    private static function runs(array $contours, int $i, array $partners, float $widest): array
    {
        $runs = [];
        $run = null;
        foreach ($partners as $k => [$j, $m, $opposite]) {
            if ($run !== null && $run['with'] === $j && $run['opposite'] === $opposite && $k - $run['to'] <= 3 * self::EVERY && abs($m - $run['places'][$run['to']]) <= 8 * self::EVERY) {
                $run['to'] = $k;
                $run['places'][$k] = $m;

                continue;
            }
            if ($run !== null) {
                $runs[] = $run;
            }
            $run = ['of' => $i, 'with' => $j, 'opposite' => $opposite, 'from' => $k, 'to' => $k, 'places' => [$k => $m]];
        }
        if ($run !== null) {
            $runs[] = $run;
        }

        return array_values(array_filter($runs, static function (array $run) use ($contours, $partners, $i, $widest): bool {
            $length = Contour::along(array_slice($contours[$i]->x, $run['from'], $run['to'] - $run['from'] + 1), array_slice($contours[$i]->y, $run['from'], $run['to'] - $run['from'] + 1));
            $widths = array_map(static fn (int $k): float => $partners[$k][3], array_keys($run['places']));
            if (! $run['opposite']) {
                // Of two that step the same way, the weaker goes.
                return $length > 4 && max($widths) < Figures::DOUBLE * $widest && $contours[$i]->contrast() < $contours[$run['with']]->contrast();
            }

            // A soft edge beside a sharp one is the shade of a round thing.
            $steep = [$contours[$i]->steep, $contours[$run['with']]->steep];
            if (min($steep) < Figures::LINE_ALIKE * max($steep)) {
                return false;
            }

            // A line is longer than it is wide.
            return $length > max(4.0, Figures::LINE_LONGER * array_sum($widths) / count($widths));
        }));
    }

    /** @param  array<int, int>  $places  numbers there by numbers here */
    private static function line(Contour $one, Contour $other, array $places): Contour
    {
        [$x, $y, $widths] = [[], [], []];
        foreach ($places as $k => $m) {
            // The foot on the other edge, between its points.
            [$goX, $goY] = self::way($one, $k);
            [$footX, $footY] = self::foot($other, $m, $one->x[$k], $one->y[$k], $goX, $goY);
            $x[] = ($one->x[$k] + $footX) / 2;
            $y[] = ($one->y[$k] + $footY) / 2;
            $widths[] = abs(($footX - $one->x[$k]) * $goY - ($footY - $one->y[$k]) * $goX);
        }
        sort($widths);
        [$first, $last] = [(int) array_key_first($places), (int) array_key_last($places)];
        // What leaves the picture is led on to its edge by both edges together.
        $near = 3 * self::EVERY;
        [$starts, $ends] = [$first <= $near ? $one->starts : End::Fades, $last >= $one->count() - 1 - $near ? $one->ends : End::Fades];
        foreach ([[&$starts, $first, 0], [&$ends, $last, $one->count() - 1]] as [&$end, $at, $own]) {
            $there = $places[$at] <= $near ? 0 : $other->count() - 1;
            if ($end === End::Leaves && abs($places[$at] - $there) <= $near && ($there === 0 ? $other->starts : $other->ends) === End::Leaves) {
                [$middleX, $middleY] = [($one->x[$own] + $other->x[$there]) / 2, ($one->y[$own] + $other->y[$there]) / 2];
                [$x, $y] = $own === 0 ? [[$middleX, ...$x], [$middleY, ...$y]] : [[...$x, $middleX], [...$y, $middleY]];
            } elseif ($end !== End::Meets) {
                $end = End::Fades;
            }
        }
        unset($end);

        /** @var non-empty-list<float> $x */
        /** @var non-empty-list<float> $y */
        return new Contour($x, $y, $one->step, $one->crowd, $one->steep, $starts, $ends, self::width($widths[intdiv(count($widths), 2)]));
    }

    /**
     * How wide a line is whose edges are found so far apart: smoothing drives the two edges of a narrow one from each
     * other. They are found where the smoothed line is steepest, where (a + w/2)·φ(a + w/2) = (a − w/2)·φ(a − w/2), a
     * being half of how far they are apart and φ the Gaussian.
     */
    private static function width(float $apart): float
    {
        // A sample's own width smooths as well: the variance of a box of one is 1/12.
        $smoothing = sqrt(Figures::SMOOTHING ** 2 + 1 / 12);
        $half = $apart / 2 / $smoothing;
        if ($half <= 1.0) {
            return 0.0;
        }
        $slope = static fn (float $at): float => $at * exp(-$at * $at / 2);
        [$low, $high] = [0.0, 2 * $half];
        for ($i = 0; $i < 30; $i++) {
            $middle = ($low + $high) / 2;
            $slope($half + $middle / 2) < $slope($half - $middle / 2) ? $low = $middle : $high = $middle;
        }

        return $low * $smoothing;
    }

    /** @return array{float, float} where the line across a way at a place meets the other contour, near its point m */
    private static function foot(Contour $other, int $m, float $x, float $y, float $goX, float $goY): array
    {
        $along = static fn (int $k): float => ($other->x[$k] - $x) * $goX + ($other->y[$k] - $y) * $goY;
        $here = $along($m);
        foreach ([$m - 1, $m + 1] as $k) {
            if ($k >= 0 && $k < $other->count()) {
                $there = $along($k);
                if ($here * $there < 0) {
                    $share = $here / ($here - $there);

                    return [$other->x[$m] + $share * ($other->x[$k] - $other->x[$m]), $other->y[$m] + $share * ($other->y[$k] - $other->y[$m])];
                }
            }
        }

        return [$other->x[$m], $other->y[$m]];
    }

    /** @return array{list<float>, list<float>} the unit step along a contour at each of its points */
    private static function ways(Contour $contour): array
    {
        $ways = [[], []];
        for ($k = 0, $count = $contour->count(); $k < $count; $k++) {
            [$ways[0][], $ways[1][]] = self::way($contour, $k);
        }

        return $ways;
    }

    /** @return array{float, float} the unit step along a contour at a point, over some points about it */
    private static function way(Contour $contour, int $k): array
    {
        [$from, $to] = [max(0, $k - 2), min($contour->count() - 1, $k + 2)];
        [$x, $y] = [$contour->x[$to] - $contour->x[$from], $contour->y[$to] - $contour->y[$from]];
        $length = sqrt($x * $x + $y * $y);

        return $length === 0.0 ? [1.0, 0.0] : [$x / $length, $y / $length];
    }

    /**
     * @param  list<array{int, int}>  $spans
     */
    private static function isTaken(array $spans, int $from, int $to): bool
    {
        foreach ($spans as [$first, $last]) {
            if (min($to, $last) - max($from, $first) > 2 * self::EVERY) {
                return true;
            }
        }

        return false;
    }

    /**
     * What is left of a contour beside its stretches that have become lines.
     *
     * @param  list<array{int, int}>  $taken
     * @return list<Contour>
     */
    private static function rest(Contour $contour, array $taken): array
    {
        if ($taken === []) {
            return [$contour];
        }
        sort($taken);
        $rest = [];
        $from = 0;
        foreach ([...$taken, [$contour->count(), $contour->count()]] as [$first, $last]) {
            if ($first - $from >= Figures::SHORTEST_CHAIN) {
                $rest[] = $contour->part($from, $first - $from + ($first < $contour->count() ? 1 : 0));
            }
            $from = max($from, $last);
        }

        return $rest;
    }
}
