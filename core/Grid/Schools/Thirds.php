<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Size;

/** Two lines each way. */
final readonly class Thirds implements School
{
    public static function key(): string
    {
        return 'thirds';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return new self;
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even(Cells::of(3, 3));
    }
}
