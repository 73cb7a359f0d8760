<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Measure\Size;

/** The arc of a circle through three places, as it lies on the paper. */
final class Bow
{
    /** Straight stretches that the arc is told in. */
    private const STRETCHES = 12;

    /**
     * @param  array{float, float}  $from  shares of the cell
     * @param  array{float, float}  $through
     * @param  array{float, float}  $to
     * @param  Size  $cell  on the paper
     * @return non-empty-list<array{float, float}> places along it, both ends among them
     */
    public static function through(array $from, array $through, array $to, Size $cell): array
    {
        [$wide, $high] = [$cell->width->toFloat(), $cell->height->toFloat()];
        [$bx, $by] = [($through[0] - $from[0]) * $wide, ($through[1] - $from[1]) * $high];
        [$cx, $cy] = [($to[0] - $from[0]) * $wide, ($to[1] - $from[1]) * $high];
        $area = 2 * ($bx * $cy - $by * $cx);
        if (abs($area) < 1e-6 * $wide * $high) {
            return [$from, $through, $to];
        }
        // The middle of the circle through all three, seen from the first.
        $x = ($cy * ($bx * $bx + $by * $by) - $by * ($cx * $cx + $cy * $cy)) / $area;
        $y = ($bx * ($cx * $cx + $cy * $cy) - $cx * ($bx * $bx + $by * $by)) / $area;
        $radius = hypot($x, $y);
        $start = atan2(-$y, -$x);
        $turn = static fn (float $angle): float => fmod($angle - $start + 4 * M_PI, 2 * M_PI);
        [$middle, $end] = [$turn(atan2($by - $y, $bx - $x)), $turn(atan2($cy - $y, $cx - $x))];
        // The other way round, if the middle place does not lie between.
        $end = $middle > $end ? $end - 2 * M_PI : $end;
        $places = [$from];
        for ($i = 1; $i < self::STRETCHES; $i++) {
            $angle = $start + $end * $i / self::STRETCHES;
            $places[] = [$from[0] + ($x + $radius * cos($angle)) / $wide, $from[1] + ($y + $radius * sin($angle)) / $high];
        }
        $places[] = $to;

        return $places;
    }
}
