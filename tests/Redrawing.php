<?php

namespace Tests;

/** A drawing laid over what it should show: how much of that it has, and how much of it is true. */
final class Redrawing
{
    /** ΔE*ab across a strong contour, and across anything that may be called an edge. */
    private const STRONG = 14;

    private const EDGE = 3;

    /** Share of a cell that a copy may be off. */
    private const TRUE_TO = 0.015;

    /**
     * @param  list<list<array{float, float}>>  $drawn  in pixels
     * @param  list<array{list<array{float, float}>, list<float>}>  $outlines  places along each, and the step of colour there
     * @param  float  $cell  pixels along its side
     * @return array{found: float, true: float, known: int} shares, and the pixels of strong, long contours
     */
    public static function of(array $drawn, array $outlines, float $cell): array
    {
        [$strong, $edges] = [[], []];
        foreach ($outlines as [$places, $steps]) {
            $run = [];
            foreach ([...$steps, 0.0] as $i => $step) {
                if ($step >= self::EDGE) {
                    $edges[] = $places[$i];
                }
                if ($step >= self::STRONG) {
                    $run[] = $places[$i];

                    continue;
                }
                // As long as a third of a cell or longer.
                if (count($run) >= $cell / 3) {
                    array_push($strong, ...$run);
                }
                $run = [];
            }
        }
        $told = [];
        foreach ($drawn as $line) {
            for ($i = 1; $i < count($line); $i++) {
                [[$x1, $y1], [$x2, $y2]] = [$line[$i - 1], $line[$i]];
                $long = max(1, (int) ceil(hypot($x2 - $x1, $y2 - $y1)));
                for ($step = 0; $step <= $long; $step++) {
                    $told[] = [$x1 + $step / $long * ($x2 - $x1), $y1 + $step / $long * ($y2 - $y1)];
                }
            }
        }
        $near = self::TRUE_TO * $cell;

        return ['found' => self::share($strong, $told, $near), 'true' => self::share($told, $edges, $near), 'known' => count($strong)];
    }

    /**
     * The share of some places that lie near others.
     *
     * @param  list<array{float, float}>  $places
     * @param  list<array{float, float}>  $others
     */
    private static function share(array $places, array $others, float $near): float
    {
        $net = [];
        foreach ($others as [$x, $y]) {
            $net[(int) ($y / $near) * 100_000 + (int) ($x / $near)][] = [$x, $y];
        }
        $found = 0;
        foreach ($places as [$x, $y]) {
            for ($i = 0; $i < 9; $i++) {
                foreach ($net[((int) ($y / $near) + intdiv($i, 3) - 1) * 100_000 + (int) ($x / $near) + $i % 3 - 1] ?? [] as [$u, $v]) {
                    if (hypot($u - $x, $v - $y) <= $near) {
                        $found++;

                        continue 3;
                    }
                }
            }
        }

        return $places === [] ? 0.0 : $found / count($places);
    }
}
