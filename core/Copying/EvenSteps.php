<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** A path gone along in steps of one length. */
final class EvenSteps
{
    /**
     * @param  non-empty-list<array{float, float}>  $path
     * @return non-empty-list<array{float, float}> ends included
     */
    public static function along(array $path, float $step): array
    {
        $even = [$path[0]];
        $left = $step;
        for ($i = 1, $count = count($path); $i < $count; $i++) {
            [[$x1, $y1], [$x2, $y2]] = [$path[$i - 1], $path[$i]];
            $far = hypot($x2 - $x1, $y2 - $y1);
            for ($at = $left; $at < $far; $at += $step) {
                $even[] = [$x1 + $at / $far * ($x2 - $x1), $y1 + $at / $far * ($y2 - $y1)];
            }
            $left = $at - $far;
        }
        $end = $path[count($path) - 1];
        $last = $even[count($even) - 1];
        // A last step that is hardly one is none.
        if (count($even) > 1 && hypot($end[0] - $last[0], $end[1] - $last[1]) < $step / 2) {
            array_pop($even);
        }
        $even[] = $end;

        return $even;
    }
}
