<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Reasons;
use InchLadder\Grid\School;
use InchLadder\Measure\Size;

/** Two lines each way. */
final readonly class Thirds implements School
{
    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even(Cells::of(3, 3));
    }

    public function reasons(): Reasons
    {
        return new Reasons('thirds', 'Four lines, and their crossings show where a focal point sits well.', 'Few lines to measure from.');
    }
}
