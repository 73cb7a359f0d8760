<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Models\Photo;
use InchLadder\Copying\Cell;
use InchLadder\Copying\CellAnalysis;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Pixels\Contours;
use InchLadder\Plan\Plan;

/** What is seen of a photo through the grid of a plan. */
final readonly class CellPixels
{
    public function __construct(private PhotoContours $contours)
    {
    }

    public function of(Photo $photo, Plan $plan, Cell $cell): CellAnalysis
    {
        return CellAnalysis::of($this->through($photo, $plan)->cell($cell->place), $cell->paper, $plan->choices->notation->ruler);
    }

    /** Whole contours, thin things as lines. */
    public function contours(Photo $photo, Plan $plan): Contours
    {
        return $this->contours->inCells($photo, $plan->layout);
    }

    public function through(Photo $photo, Plan $plan): ContoursInGrid
    {
        return ContoursInGrid::of($this->contours->inCells($photo, $plan->layout), $plan->layout, $plan->choices->corrections, $plan->choices->shortestContour());
    }
}
