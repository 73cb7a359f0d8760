<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** A tone bar: as many boxes as steps, numbered as they are counted, from 1 or from 0 for the lightest. */
final readonly class Bar
{
    private function __construct(
        /** @var non-empty-list<Swatch> the lightest first */
        public array $boxes,
        /** Whether the paper is the light end. */
        public bool $paperIsLight,
    ) {
    }

    /** The number of the lightest. */
    public function first(): int
    {
        return $this->boxes[0]->number;
    }

    /**
     * @param  int  $steps  2…10
     * @param  bool  $paperCounts  whether bare paper is one of the steps; if not, it lies beyond the lightest box, or beyond the darkest on dark paper
     * @param  float  $paper  L* of the sheet
     * @param  float|null  $end  L* of the other end; null for what soft pencils reach, or white ones on dark paper
     * @param  int  $first  the number of the lightest, 0 or 1
     *
     * @throws StepsOutOfRange
     */
    public static function of(int $steps, bool $paperCounts, float $paper, ?float $end = null, int $first = 1): self
    {
        ValueScale::of($steps, 100, 0);
        $paperIsLight = $paper > Figures::DARK_PAPER;
        [$from, $to] = $paperIsLight ? [$paper, $end ?? Figures::DARKEST_PENCIL] : [$end ?? Figures::LIGHTEST_WHITE, $paper];
        $boxes = array_map(static function (int $step) use ($steps, $paperCounts, $paperIsLight, $from, $to, $first): Swatch {
            // Between the ends as many equal stretches as it takes; bare paper stands at one of them or is passed over.
            $share = match (true) {
                $paperCounts => ($step - 1) / ($steps - 1),
                $paperIsLight => $step / $steps,
                default => ($step - 1) / $steps,
            };

            return new Swatch($step - 1 + $first, $from + ($to - $from) * $share, $paperCounts && $step === ($paperIsLight ? 1 : $steps));
        }, range(1, $steps));

        return new self($boxes, $paperIsLight);
    }
}
