<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Field;
use InchLadder\Pixels\Otsu;

/**
 * Whether a picture parts cleanly into light and shadow: the threshold that parts it best, or the one that was
 * chosen, and how much of the picture lies so near to it that it is neither.
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

    /**
     * @param  Field  $picture  L*
     * @param  float|null  $chosen  L*; null for the one that parts it best
     */
    public static function of(Field $picture, ?float $chosen = null): self
    {
        $counts = array_fill(0, 101, 0);
        foreach ($picture->all() as $lightness) {
            $counts[(int) max(0, min(100, round($lightness)))]++;
        }
        $all = $picture->wide * $picture->high;
        $threshold = $chosen ?? Otsu::level($counts);
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
