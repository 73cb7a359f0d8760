<?php

declare(strict_types=1);

namespace App\Printing;

use App\Models\Drawing;
use App\Shots\SecondOpinion;
use InchLadder\Plan\Plan;

/** The photo's contours as they are printed, at a size. */
final class ContourLines
{
    /** Mm between the places that a printed contour runs through. */
    private const STEP = 1.2;

    /** @return list<Element> mm from the drawing's corner */
    public static function of(Drawing $drawing, Plan $plan, float $width, float $height, string $colour): array
    {
        $lines = [];
        foreach (app(SecondOpinion::class)->contours($plan, $drawing->photo) as $contour) {
            $from = null;
            foreach ($contour as $i => [$x, $y]) {
                [$x, $y] = [$x * $width, $y * $height];
                if ($from !== null && (hypot($x - $from[0], $y - $from[1]) >= self::STEP || $i === count($contour) - 1)) {
                    $lines[] = new Line($from[0], $from[1], $x, $y, 0.25, $colour);
                    $from = [$x, $y];
                }
                $from ??= [$x, $y];
            }
        }

        return $lines;
    }
}
