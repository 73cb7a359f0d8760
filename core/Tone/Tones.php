<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** How the artist counts tones, on the paper that was chosen. */
final readonly class Tones
{
    /** The widest smoothing. */
    public const MOST_DROP = 4;

    private function __construct(
        public int $steps,
        public bool $paperCounts,
        /** How large an area must be to be kept: 0, all of them, to 4. */
        public int $drop,
        /** L* of the sheet. */
        public float $paper,
        /** L* of the end of the bar that is not paper; null for what soft pencils reach, or white ones on dark paper. */
        public ?float $end,
        /** The number of the lightest, 0 or 1. */
        public int $first,
        /** L* at which light and shadow are parted; null for where the picture parts best. */
        public ?float $threshold,
    ) {
    }

    /** @throws StepsOutOfRange */
    public static function of(
        int $steps,
        bool $paperCounts,
        int $drop,
        float $paper,
        ?float $end = null,
        int $first = 1,
        ?float $threshold = null,
    ): self {
        ValueScale::of($steps, 100, 0);

        return new self(
            $steps,
            $paperCounts,
            max(0, min(self::MOST_DROP, $drop)),
            $paper,
            $end === null ? null : self::within($end, $paper),
            $first === 0 ? 0 : 1,
            $threshold === null || is_nan($threshold) ? null : max(1.0, min(99.0, $threshold)),
        );
    }

    /** Null where it leaves no room for steps between it and the paper: it was set on another sheet. */
    private static function within(float $end, float $paper): ?float
    {
        $range = $paper > Figures::DARK_PAPER ? $paper - $end : $end - $paper;

        return $range < Figures::LEAST_RANGE || $end < 0.0 || $end > 100.0 ? null : $end;
    }

    /**
     * A picture in counted tones without what is left out.
     *
     * @param  string  $tones  a byte a pixel, row by row
     */
    public static function without(int $drop, string $tones, int $wide): string
    {
        $side = Figures::SMALL[max(0, min(self::MOST_DROP, $drop))] * max($wide, strlen($tones) / max(1, $wide));

        return $side <= 0 ? $tones : Areas::merged($tones, $wide, (int) ceil($side ** 2), max(Figures::EDGE, Figures::THIN * $side));
    }

    public function bar(): Bar
    {
        return Bar::of($this->steps, $this->paperCounts, $this->paper, $this->end, $this->first);
    }
}
