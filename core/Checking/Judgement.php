<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Measure\Length;

/**
 * All measured lengths judged together: the size of the whole first, then each.
 *
 * A drawing that came out larger all over is not wrong. If more lengths keep their proportion to one another than
 * pass by themselves, the whole has another size, and only what is left counts against what passes.
 */
final readonly class Judgement
{
    /**
     * @param  float  $size  how many times its right size the whole is drawn; 1 when it is
     * @param  array<int, bool>  $passes  by the place of each
     */
    private function __construct(public float $size, public array $passes)
    {
    }

    /**
     * @param  array<int, Deviation>  $misfits
     * @param  float  $tolerance  share of a length that passes, over 0
     * @param  Length  $half  half a graduation, which no ruler tells
     */
    public static function of(array $misfits, float $tolerance, Length $half): self
    {
        $drawn = array_map(static fn (Deviation $misfit): float => 1 + $misfit->share()->toFloat(), $misfits);
        $alone = self::under(1.0, $misfits, $tolerance, $half);
        $size = self::common(array_values($drawn), $tolerance);
        $together = self::under($size, $misfits, $tolerance / 2, $half);
        $better = count(array_filter($together)) > max(1, count(array_filter($alone)));

        return $better ? new self($size, $together) : new self(1.0, $alone);
    }

    public function isAnotherSize(): bool
    {
        return $this->size !== 1.0;
    }

    /** @return list<int> the places of those that do not pass */
    public function out(): array
    {
        return array_keys(array_filter($this->passes, static fn (bool $passes): bool => ! $passes));
    }

    /**
     * The middle of the narrowest stretch of sizes, no wider than what passes, that most lengths lie in.
     *
     * @param  list<float>  $sizes
     */
    private static function common(array $sizes, float $tolerance): float
    {
        sort($sizes);
        [$best, $most, $narrowest] = [1.0, 0, INF];
        foreach ($sizes as $i => $from) {
            $within = count(array_filter($sizes, static fn (float $size): bool => $size >= $from && $size <= $from * (1 + $tolerance) + 1e-12));
            $to = $sizes[min($i + $within, count($sizes)) - 1];
            if ($within > $most || $within === $most && $to / $from < $narrowest) {
                [$best, $most, $narrowest] = [sqrt($from * $to), $within, $to / $from];
            }
        }

        return $best;
    }

    /**
     * @param  array<int, Deviation>  $misfits
     * @return array<int, bool>
     */
    private static function under(float $size, array $misfits, float $tolerance, Length $half): array
    {
        return array_map(static function (Deviation $misfit) use ($size, $tolerance, $half): bool {
            $wanted = $misfit->wanted->toFloat() * $size;
            $off = abs($misfit->wanted->toFloat() + $misfit->off->toFloat() - $wanted);

            return $off <= $half->toFloat() + 1e-9 || $off <= $wanted * $tolerance * (1 + 1e-9) + 1e-9;
        }, $misfits);
    }
}
