<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use InchLadder\Layout\Layout;

/**
 * By how much a place may depart, in mm: the subject's share of the feature it belongs to, never looser than by the cell
 * it lies in, and never less than half a graduation, which no ruler tells.
 */
final class Tolerance
{
    /** @param  float|null  $feature  mm along the longer side of the smallest named thing round it; null where it lies in none */
    public static function of(Layout $layout, int $percent, ?float $feature): float
    {
        $cell = $layout->cell();
        $by = min($feature ?? INF, $cell->width->toFloat(), $cell->height->toFloat());

        return max($percent / 100 * $by, $layout->notation->ruler->step->toFloat() / 2);
    }
}
