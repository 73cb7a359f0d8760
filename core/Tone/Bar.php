<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** A tone bar: as many boxes as steps, numbered as they are counted, 1 for the lightest. */
final readonly class Bar
{
    private function __construct(
        /** @var non-empty-list<Swatch> the lightest first */
        public array $boxes,
        /** Whether the paper is the light end. */
        public bool $paperIsLight,
    ) {
    }

    /**
     * @param  int  $steps  2…10
     * @param  bool  $paperCounts  whether bare paper is one of the steps; if not, it lies beyond the lightest box, or beyond the darkest on dark paper
     * @param  float  $paper  L* of the sheet
     * @param  float|null  $end  L* of the other end; null for what soft pencils reach, or white ones on dark paper
     *
     * @throws StepsOutOfRange
     */
    public static function of(int $steps, bool $paperCounts, float $paper, ?float $end = null): self
    {
        ValueScale::of($steps, 100, 0);
        $paperIsLight = $paper > Figures::DARK_PAPER;
        [$from, $to] = $paperIsLight ? [$paper, $end ?? Figures::DARKEST_PENCIL] : [$end ?? Figures::LIGHTEST_WHITE, $paper];
        $boxes = array_map(static function (int $number) use ($steps, $paperCounts, $paperIsLight, $from, $to): Swatch {
            // Between the ends as many equal stretches as it takes; bare paper stands at one of them or is passed over.
            $share = match (true) {
                $paperCounts => ($number - 1) / ($steps - 1),
                $paperIsLight => $number / $steps,
                default => ($number - 1) / $steps,
            };

            return new Swatch($number, $from + ($to - $from) * $share, $paperCounts && $number === ($paperIsLight ? 1 : $steps));
        }, range(1, $steps));

        return new self($boxes, $paperIsLight);
    }
}
