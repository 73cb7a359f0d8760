<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Plan\Plan;

/** The sums behind a plan, a line each, as a careful person would write them beside the drawing. */
final readonly class Workings
{
    public PhotoWorkings $photo;

    public PaperWorkings $paper;

    public FitWorkings $fit;

    public GridWorkings $grid;

    public MarkWorkings $marks;

    public PointWording $points;

    public function __construct(Plan $plan)
    {
        $this->photo = new PhotoWorkings($plan);
        $this->paper = new PaperWorkings($plan);
        $this->fit = new FitWorkings($plan);
        $this->grid = new GridWorkings($plan);
        $this->marks = new MarkWorkings($plan);
        $this->points = new PointWording($plan);
    }

    /** @return list<string> every rung's, in order */
    public function all(): array
    {
        return [...$this->photo->lines(), ...$this->paper->lines(), ...$this->fit->lines(), ...$this->grid->lines(), ...$this->marks->lines()];
    }
}
