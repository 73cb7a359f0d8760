<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Field;

/**
 * Whether a picture parts cleanly into light and shadow: the threshold that parts it best,
 * and how much of it lies so near to the threshold that it is neither.
 *
 * The threshold is the one of greatest variance between the two classes (N. Otsu, "A Threshold
 * Selection Method from Gray-Level Histograms", IEEE Trans. SMC 9 (1979), 62–66).
 */
final readonly class Threshold
{
    private function __construct(
        /** L* */
        public float $threshold,
        /** Share of the picture that is shadow. */
        public float $shadow,
        /** Share of it that is neither. */
        public float $between,
    ) {
    }

    /** @param  Field  $picture  L* */
    public static function of(Field $picture): self
    {
        $counts = array_fill(0, 101, 0);
        foreach ($picture->all() as $lightness) {
            $counts[(int) max(0, min(100, round($lightness)))]++;
        }
        $all = $picture->wide * $picture->high;
        $mean = array_sum(array_map(static fn (int $level, int $count): int => $level * $count, array_keys($counts), $counts)) / $all;
        [$best, $thresholds] = [-1.0, [50]];
        [$dark, $sum] = [0, 0];
        for ($level = 0; $level < 100; $level++) {
            $dark += $counts[$level];
            $sum += $level * $counts[$level];
            $share = $dark / $all;
            if ($share > 0 && $share < 1) {
                $between = ($mean * $share - $sum / $all) ** 2 / ($share * (1 - $share));
                // An empty stretch between the two classes parts them equally well anywhere: its middle is taken.
                if (abs($between - $best) < 1e-9) {
                    $thresholds[] = $level;
                } elseif ($between > $best) {
                    [$best, $thresholds] = [$between, [$level]];
                }
            }
        }
        $threshold = array_sum($thresholds) / count($thresholds) + 0.5;
        $lightness = $picture->all();

        return new self(
            $threshold,
            count(array_filter($lightness, static fn (int|float $one): bool => $one < $threshold)) / $all,
            count(array_filter($lightness, static fn (int|float $one): bool => abs($one - $threshold) < Figures::NEITHER)) / $all,
        );
    }

    /** `clean`, `partly` or `muddy` */
    public function verdict(): string
    {
        return match (true) {
            $this->between < Figures::CLEAN => 'clean',
            $this->between < Figures::MUDDY => 'partly',
            default => 'muddy',
        };
    }
}
