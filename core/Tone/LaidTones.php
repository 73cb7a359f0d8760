<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Pixels\Field;

/** The tones that were laid on a drawing, step for step of its bar, beside those of the photo. */
final readonly class LaidTones
{
    /**
     * @param  array<int, float>  $drawn  by the step's number, the share of the drawing it takes
     * @param  list<int>  $missing  steps that the photo has and the drawing does not
     * @param  float  $paler  by how many steps the drawing is lighter than the photo, on average; under 0 darker
     */
    private function __construct(public array $drawn, public array $missing, public float $paler, private float $bare)
    {
    }

    /**
     * @param  Field  $drawing  L* of what was laid, on the paper's own lightness
     * @param  array<int, float>  $photo  by the step's number, the share of the photo it takes
     */
    public static function of(Field $drawing, Bar $bar, array $photo): self
    {
        $counts = array_fill($bar->first(), count($bar->boxes), 0);
        foreach ($drawing->all() as $lightness) {
            $counts[self::nearest($bar, (float) $lightness)]++;
        }
        $drawn = array_map(static fn (int $count): float => $count / ($drawing->wide * $drawing->high), $counts);
        $mean = static fn (array $shares): float => array_sum(array_map(static fn (int $step, float $share): float => $step * $share, array_keys($shares), $shares));
        $paper = array_values(array_filter($bar->boxes, static fn (Swatch $box): bool => $box->isPaper))[0] ?? ($bar->paperIsLight ? $bar->boxes[0] : $bar->boxes[count($bar->boxes) - 1]);

        return new self(
            $drawn,
            array_keys(array_filter($photo, static fn (float $share, int $step): bool => $share >= Figures::WORTH && ($drawn[$step] ?? 0.0) < Figures::HARDLY, ARRAY_FILTER_USE_BOTH)),
            $mean($photo) - $mean($drawn),
            $drawn[$paper->number],
        );
    }

    /** Whether there is hardly more than lines on the paper yet. */
    public function isBare(): bool
    {
        return $this->bare > Figures::BARE;
    }

    private static function nearest(Bar $bar, float $lightness): int
    {
        $best = $bar->boxes[0];
        foreach ($bar->boxes as $box) {
            if (abs($box->lightness - $lightness) < abs($best->lightness - $lightness)) {
                $best = $box;
            }
        }

        return $best->number;
    }
}
