<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Plan\Sums\FitSums;
use InchLadder\Plan\Sums\GridSums;
use InchLadder\Plan\Sums\MarkSums;
use InchLadder\Plan\Sums\PaperSums;
use InchLadder\Plan\Sums\PhotoSums;
use InchLadder\Plan\Sums\PointSums;

/** The sums behind a plan, a line each, as a careful person would write them beside the drawing. */
final readonly class Sums
{
    public PhotoSums $photo;

    public PaperSums $paper;

    public FitSums $fit;

    public GridSums $grid;

    public MarkSums $marks;

    public PointSums $points;

    public function __construct(Plan $plan)
    {
        $this->photo = new PhotoSums($plan);
        $this->paper = new PaperSums($plan);
        $this->fit = new FitSums($plan);
        $this->grid = new GridSums($plan);
        $this->marks = new MarkSums($plan);
        $this->points = new PointSums($plan);
    }

    /** @return list<string> every rung's, in order */
    public function all(): array
    {
        return [...$this->photo->lines(), ...$this->paper->lines(), ...$this->fit->lines(), ...$this->grid->lines(), ...$this->marks->lines()];
    }
}
