<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * The level that parts light and dark best: that of greatest variance between the two classes (N. Otsu, "A Threshold
 * Selection Method from Gray-Level Histograms", IEEE Trans. SMC 9 (1979), 62–66).
 */
final class Otsu
{
    /**
     * @param  array<int, int>  $counts  how often each level comes, from 0 on
     * @return float between two levels; of an empty stretch, which parts them equally well anywhere, the middle
     */
    public static function level(array $counts): float
    {
        $all = array_sum($counts);
        $mean = array_sum(array_map(static fn (int $level, int $count): int => $level * $count, array_keys($counts), $counts)) / max(1, $all);
        [$best, $levels] = [-1.0, [intdiv(count($counts), 2)]];
        [$dark, $sum] = [0, 0];
        for ($level = 0; $level < count($counts) - 1; $level++) {
            $dark += $counts[$level];
            $sum += $level * $counts[$level];
            if ($dark === 0 || $dark === $all) {
                continue;
            }
            $share = $dark / $all;
            $between = ($mean * $share - $sum / $all) ** 2 / ($share * (1 - $share));
            if (abs($between - $best) < 1e-9) {
                $levels[] = $level;
            } elseif ($between > $best) {
                [$best, $levels] = [$between, [$level]];
            }
        }

        return array_sum($levels) / count($levels) + 0.5;
    }
}
