<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Reasons;
use InchLadder\Grid\School;
use InchLadder\Measure\Size;

/** n × m equal parts of both boards; the cells need not be square. */
final readonly class ProportionalCells implements School
{
    public function __construct(private Cells $cells)
    {
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even($this->cells);
    }

    public function reasons(): Reasons
    {
        return new Reasons('equal parts', 'Works on any two sides that agree in shape, and leaves nothing over.', 'Cells that are not square tempt one to stretch.');
    }
}
