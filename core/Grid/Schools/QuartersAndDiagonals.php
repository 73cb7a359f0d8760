<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Reasons;
use InchLadder\Grid\School;
use InchLadder\Measure\Size;

/** The centre lines, and both lines from corner to corner. */
final readonly class QuartersAndDiagonals implements School
{
    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even(Cells::of(2, 2))->withDiagonals();
    }

    public function reasons(): Reasons
    {
        return new Reasons('quarters and diagonals', 'No ruler is needed beyond a straight edge; a fast start.', 'Loose: much is left between the lines.');
    }
}
