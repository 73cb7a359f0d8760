<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** Contours whose ends make for each other over a small gap, as at a glint or where another crosses, are one. */
final class Joins
{
    /** Samples between two ends that are one contour's at most. */
    private const GAP = 6.0;

    /** Cosine of how far either may turn to reach the other, 40°. */
    private const AHEAD = 0.76;

    /** Points at an end that tell where it makes for. */
    private const TELL = 6;

    /**
     * @param  list<Contour>  $contours
     * @return list<Contour>
     */
    public static function of(array $contours): array
    {
        $partner = self::partners($contours, self::ends($contours));
        $joined = [];
        $done = [];
        foreach ($contours as $i => $contour) {
            if (isset($done[$i])) {
                continue;
            }
            // Back to where the whole begins, or round to where it came from.
            [$at, $end] = [$i, 0];
            while (($before = $partner[2 * $at + $end] ?? null) !== null && intdiv($before, 2) !== $i) {
                [$at, $end] = [intdiv($before, 2), 1 - $before % 2];
            }
            $parts = [];
            do {
                $done[$at] = true;
                $parts[] = $end === 0 ? $contours[$at] : $contours[$at]->reversed();
                $next = $partner[2 * $at + 1 - $end] ?? null;
                [$at, $end] = $next === null ? [$at, $end] : [intdiv($next, 2), $next % 2];
            } while ($next !== null && ! isset($done[$at]));
            $joined[] = count($parts) === 1 && $next === null ? $contour : self::joined($parts, $next !== null);
        }

        return $joined;
    }

    /**
     * @param  list<Contour>  $contours
     * @return array<int, array{float, float, float, float}> where each end is that goes nowhere, and which way it goes; by 2 × contour, + 1 at its far end
     */
    private static function ends(array $contours): array
    {
        $ends = [];
        foreach ($contours as $i => $one) {
            $last = $one->count() - 1;
            foreach ([[$one->starts, 0, min($last, self::TELL)], [$one->ends, $last, max(0, $last - self::TELL)]] as $end => [$how, $at, $from]) {
                $long = hypot($one->x[$at] - $one->x[$from], $one->y[$at] - $one->y[$from]);
                if ($how === End::Fades && $long > 0) {
                    $ends[2 * $i + $end] = [$one->x[$at], $one->y[$at], ($one->x[$at] - $one->x[$from]) / $long, ($one->y[$at] - $one->y[$from]) / $long];
                }
            }
        }

        return $ends;
    }

    /**
     * @param  list<Contour>  $contours
     * @param  array<int, array{float, float, float, float}>  $ends
     * @return array<int, int> the end each end goes on from, both ways
     */
    private static function partners(array $contours, array $ends): array
    {
        $net = [];
        foreach ($ends as $end => [$x, $y]) {
            $net[(int) ($y / self::GAP) * 100_000 + (int) ($x / self::GAP)][] = $end;
        }
        $pairs = [];
        foreach ($ends as $end => [$x, $y, $goX, $goY]) {
            for ($v = (int) ($y / self::GAP) - 1; $v <= (int) ($y / self::GAP) + 1; $v++) {
                for ($u = (int) ($x / self::GAP) - 1; $u <= (int) ($x / self::GAP) + 1; $u++) {
                    foreach ($net[$v * 100_000 + $u] ?? [] as $other) {
                        if ($other <= $end || ($other === $end + 1 && $end % 2 === 0 && $contours[intdiv($end, 2)]->count() < 4 * self::TELL)) {
                            continue;
                        }
                        [$toX, $toY, $comesX, $comesY] = $ends[$other];
                        $gap = hypot($toX - $x, $toY - $y);
                        $together = -($goX * $comesX + $goY * $comesY);
                        [$ahead, $behind] = $gap < 1.5 ? [1.0, 1.0] : [(($toX - $x) * $goX + ($toY - $y) * $goY) / $gap, -(($toX - $x) * $comesX + ($toY - $y) * $comesY) / $gap];
                        if ($gap <= self::GAP && $together > self::AHEAD && $ahead > self::AHEAD && $behind > self::AHEAD && self::alike($contours, $end, $other)) {
                            $pairs[] = [$together + $ahead + $behind - $gap / self::GAP, $end, $other];
                        }
                    }
                }
            }
        }
        rsort($pairs);
        $partner = [];
        foreach ($pairs as [, $end, $other]) {
            if (! isset($partner[$end]) && ! isset($partner[$other])) {
                $partner[$end] = $other;
                $partner[$other] = $end;
            }
        }

        return $partner;
    }

    /**
     * Whether colours change the same way across both, gone through from one to the other.
     *
     * @param  list<Contour>  $contours
     */
    private static function alike(array $contours, int $end, int $other): bool
    {
        [$one, $two] = [$contours[intdiv($end, 2)]->step, $contours[intdiv($other, 2)]->step];
        // Gone on from a far end to a near one, both are walked the way they lie.
        $turned = $end % 2 === $other % 2 ? -1 : 1;

        return $turned * ($one[0] * $two[0] + $one[1] * $two[1] + $one[2] * $two[2]) > 0;
    }

    /** @param  non-empty-list<Contour>  $parts */
    private static function joined(array $parts, bool $closes): Contour
    {
        $all = array_sum(array_map(static fn (Contour $part): int => $part->count(), $parts));
        [$x, $y, $step, $crowd, $steep] = [[], [], [0.0, 0.0, 0.0], 0.0, 0.0];
        foreach ($parts as $part) {
            array_push($x, ...$part->x);
            array_push($y, ...$part->y);
            $share = $part->count() / $all;
            $crowd += $share * $part->crowd;
            $steep += $share * $part->steep;
            foreach ($part->step as $channel => $by) {
                $step[$channel] += $share * $by;
            }
        }
        if ($closes) {
            $x[] = $x[0];
            $y[] = $y[0];
        }

        /** @var non-empty-list<float> $x */
        /** @var non-empty-list<float> $y */
        return new Contour($x, $y, [$step[0], $step[1], $step[2]], $crowd, $steep, $closes ? End::Closes : $parts[0]->starts, $closes ? End::Closes : $parts[count($parts) - 1]->ends);
    }
}
