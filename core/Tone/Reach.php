<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** What of a bar one's own pencils reach: those steps beyond their darkest, or on dark paper their lightest, are out of it. */
final readonly class Reach
{
    /** @param  list<int>  $out  numbers of the steps beyond it */
    private function __construct(
        public array $out,
        /** L* of the end they reach. */
        public float $end,
        /** Which of them reaches it, by its place among those given. */
        public int $by,
    ) {
    }

    /** @param  list<float>  $laid  L* that each pencil lays on the paper, pressed firmly; null of the answer where there is none */
    public static function of(Bar $bar, array $laid): ?self
    {
        if ($laid === []) {
            return null;
        }
        $end = $bar->paperIsLight ? min($laid) : max($laid);
        $beyond = static fn (Swatch $box): bool => ! $box->isPaper && ($bar->paperIsLight ? $box->lightness < $end - Figures::OUT_OF_REACH : $box->lightness > $end + Figures::OUT_OF_REACH);

        return new self(array_values(array_map(static fn (Swatch $box): int => $box->number, array_filter($bar->boxes, $beyond))), $end, (int) array_search($end, $laid, true));
    }
}
