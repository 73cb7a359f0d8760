<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** Edgels linked into chains: from the steepest on, each time to the neighbour that lies best ahead. */
final class Chains
{
    /** Cosine of the sharpest turn from one edgel to the next, 60°. */
    private const AHEAD = 0.5;

    /** Samples: two edgels nearer than this are one. */
    private const SAME = 0.45;

    /** @return list<non-empty-list<int>> numbers of edgels, one after another; steep ones first */
    public static function of(Edgels $edgels): array
    {
        $start = max(Figures::FAINT, Figures::STARTS_OVER_GRAIN * $edgels->grain);
        $order = $edgels->steep;
        arsort($order);
        $samples = array_keys($edgels->at);
        $rings = self::rings($edgels->wide);
        $taken = [];
        $chains = [];
        foreach ($order as $seed => $steep) {
            if ($steep < $start) {
                break;
            }
            if (isset($taken[$seed])) {
                continue;
            }
            $taken[$seed] = true;
            $ahead = self::walk($edgels, $samples, $rings, $seed, 1, $taken);
            $behind = self::walk($edgels, $samples, $rings, $seed, -1, $taken);
            $chains[] = [...array_reverse($behind), $seed, ...$ahead];
        }

        return $chains;
    }

    /**
     * @param  list<int>  $samples  the sample of each edgel
     * @param  array{list<int>, list<int>}  $rings
     * @param  array<int, true>  $taken
     * @return list<int>
     */
    private static function walk(Edgels $edgels, array $samples, array $rings, int $from, int $way, array &$taken): array
    {
        [$at, $xs, $ys, $normalX, $normalY] = [$edgels->at, $edgels->x, $edgels->y, $edgels->normalX, $edgels->normalY];
        [$goX, $goY] = [-$way * $normalY[$from], $way * $normalX[$from]];
        $walked = [];
        while (true) {
            [$best, $most] = [null, 0.0];
            foreach ($rings as $ring) {
                foreach ($ring as $offset) {
                    $next = $at[$samples[$from] + $offset] ?? null;
                    if ($next === null || isset($taken[$next])) {
                        continue;
                    }
                    $dx = $xs[$next] - $xs[$from];
                    $dy = $ys[$next] - $ys[$from];
                    $far = sqrt($dx * $dx + $dy * $dy);
                    if ($far < self::SAME) {
                        // Found from two samples, where an edge runs just between them.
                        $taken[$next] = true;

                        continue;
                    }
                    $ahead = ($dx * $goX + $dy * $goY) / $far;
                    $along = abs($normalX[$next] * $goY - $normalY[$next] * $goX);
                    $good = $ahead * $along / (0.5 + $far);
                    if ($ahead >= self::AHEAD && $along >= self::AHEAD && $good > $most) {
                        [$best, $most] = [$next, $good];
                    }
                }
                if ($best !== null) {
                    break;
                }
            }
            if ($best === null) {
                return $walked;
            }
            $taken[$best] = true;
            $walked[] = $best;
            $turned = $goX * -$normalY[$best] + $goY * $normalX[$best] < 0 ? -1 : 1;
            [$goX, $goY] = [-$turned * $normalY[$best], $turned * $normalX[$best]];
            $from = $best;
        }
    }

    /** @return array{list<int>, list<int>} the eight samples around one, and the sixteen around those */
    private static function rings(int $wide): array
    {
        $rings = [[], []];
        for ($dy = -2; $dy <= 2; $dy++) {
            for ($dx = -2; $dx <= 2; $dx++) {
                $ring = max(abs($dx), abs($dy));
                if ($ring > 0) {
                    $rings[$ring - 1][] = $dy * $wide + $dx;
                }
            }
        }

        return $rings;
    }
}
