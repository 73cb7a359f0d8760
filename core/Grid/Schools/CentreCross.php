<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Size;

/** One line each way through the middle; key points are carried over with dividers. */
final readonly class CentreCross implements School
{
    public static function key(): string
    {
        return 'cross';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return new self;
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even(Cells::of(2, 2));
    }
}
