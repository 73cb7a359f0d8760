<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Reasons;
use InchLadder\Grid\School;
use InchLadder\Measure\Size;

/** One line each way through the middle; key points are carried over with dividers. */
final readonly class CentreCross implements School
{
    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even(Cells::of(2, 2));
    }

    public function reasons(): Reasons
    {
        return new Reasons('centre cross', 'Exact where it matters, and the paper stays clean.', 'Slow, and it needs dividers.');
    }
}
