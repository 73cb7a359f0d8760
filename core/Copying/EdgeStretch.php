<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** A stretch of a contour that is of one strength. */
final readonly class EdgeStretch
{
    /**
     * @param  int  $from  the step along the contour with which it begins, from 0
     * @param  int  $to  the step with which the next one begins
     */
    public function __construct(public EdgeStrength $strength, public int $from, public int $to)
    {
    }

    /**
     * From the strengths at even steps along a contour: few among others are taken for those about them.
     *
     * @param  list<EdgeStrength>  $strengths
     * @param  int  $shortest  steps that are a stretch by themselves
     * @return list<self>
     */
    public static function along(array $strengths, int $shortest): array
    {
        $runs = self::joined(array_map(static fn (EdgeStrength $one): array => [$one, 1], $strengths));
        // The shortest joins the longer of its neighbours, until all are long enough.
        while (count($runs) > 1 && min(array_column($runs, 1)) < $shortest) {
            $at = (int) array_search(min(array_column($runs, 1)), array_column($runs, 1), true);
            $beside = ($runs[$at - 1][1] ?? 0) >= ($runs[$at + 1][1] ?? 0) ? $at - 1 : $at + 1;
            $runs[$at] = [$runs[$beside][0], $runs[$at][1]];
            $runs = self::joined($runs);
        }
        $stretches = [];
        $from = 0;
        foreach ($runs as [$strength, $steps]) {
            $stretches[] = new self($strength, $from, $from += $steps);
        }

        return $stretches;
    }

    /**
     * @param  list<array{EdgeStrength, int}>  $runs
     * @return list<array{EdgeStrength, int}> those alike that lie beside each other as one
     */
    private static function joined(array $runs): array
    {
        $joined = [];
        foreach ($runs as [$strength, $steps]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $joined[$last][0] === $strength) {
                $joined[$last] = [$strength, $joined[$last][1] + $steps];
            } else {
                $joined[] = [$strength, $steps];
            }
        }

        return $joined;
    }
}
