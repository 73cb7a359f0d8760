<?php

declare(strict_types=1);

namespace InchLadder\Things;

/**
 * What is left between things, and between them and the drawing's edges: shapes of their own, that an eye judges
 * better than the things, since it knows no names for them.
 */
final readonly class Gaps
{
    /** @param  list<array{left: float, top: float, width: float, height: float, area: float}>  $all  boxes round them and what they cover, in shares of the crop; the largest first */
    private function __construct(public array $all)
    {
    }

    /** @param  float  $ratio  width ÷ height of the crop */
    public static function between(Things $things, float $ratio): self
    {
        [$wide, $high] = $ratio >= 1 ? [Figures::GAP_SAMPLES, max(1, (int) round(Figures::GAP_SAMPLES / $ratio))] : [max(1, (int) round(Figures::GAP_SAMPLES * $ratio)), Figures::GAP_SAMPLES];
        $free = array_fill(0, $wide * $high, true);
        foreach ($things->all as $thing) {
            self::cover($free, $thing, $wide, $high);
        }
        $gaps = [];
        foreach ($free as $start => $isFree) {
            if (! $free[$start]) {
                continue;
            }
            [$left, $right, $top, $bottom, $count] = [$wide, 0, $high, 0, 0];
            $free[$start] = false;
            for ($waiting = [$start]; $waiting !== [];) {
                $at = array_pop($waiting);
                [$x, $y] = [$at % $wide, intdiv($at, $wide)];
                [$left, $right, $top, $bottom] = [min($left, $x), max($right, $x), min($top, $y), max($bottom, $y)];
                $count++;
                foreach ([[$x > 0, $at - 1], [$x < $wide - 1, $at + 1], [$y > 0, $at - $wide], [$y < $high - 1, $at + $wide]] as [$is, $beside]) {
                    if ($is && $free[$beside]) {
                        $free[$beside] = false;
                        $waiting[] = $beside;
                    }
                }
            }
            if ($count / ($wide * $high) >= Figures::LEAST_GAP) {
                $gaps[] = ['left' => $left / $wide, 'top' => $top / $high, 'width' => ($right + 1 - $left) / $wide, 'height' => ($bottom + 1 - $top) / $high, 'area' => $count / ($wide * $high)];
            }
        }
        usort($gaps, static fn (array $a, array $b): int => $b['area'] <=> $a['area']);

        return new self($gaps);
    }

    /**
     * Takes away what a thing covers, row by row between where its outline is crossed.
     *
     * @param  array<int, bool>  $free
     */
    private static function cover(array &$free, ThingInCrop $thing, int $wide, int $high): void
    {
        $count = count($thing->outline);
        for ($row = max(0, (int) floor($thing->top * $high)); $row < min($high, ceil($thing->bottom * $high)); $row++) {
            $y = ($row + 0.5) / $high;
            $crossed = [];
            foreach ($thing->outline as $i => [$x1, $y1]) {
                [$x2, $y2] = $thing->outline[($i + 1) % $count];
                if (($y1 > $y) !== ($y2 > $y)) {
                    $crossed[] = $x1 + ($y - $y1) / ($y2 - $y1) * ($x2 - $x1);
                }
            }
            sort($crossed);
            for ($k = 1; $k < count($crossed); $k += 2) {
                for ($x = max(0, (int) ceil($crossed[$k - 1] * $wide - 0.5)); $x < min($wide, $crossed[$k] * $wide - 0.5); $x++) {
                    $free[$row * $wide + $x] = false;
                }
            }
        }
    }
}
