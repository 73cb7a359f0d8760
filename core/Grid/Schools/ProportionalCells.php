<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Size;

/** n × m equal parts of both boards; the cells need not be square. */
final readonly class ProportionalCells implements School
{
    public function __construct(private Cells $cells)
    {
    }

    public static function key(): string
    {
        return 'proportional';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return new self(Cells::of($measures->columns(), $measures->rows()));
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even($this->cells);
    }
}
