<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Measure\Size;

/** So many squares across, and as many down as fit. */
final readonly class SquaresByCount implements School
{
    private function __construct(private int $columns)
    {
    }

    /** @throws \InchLadder\Grid\CountOutOfRange */
    public static function across(int $columns): self
    {
        return new self(Cells::of($columns, 1)->columns);
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::squares($area->width->dividedBy($this->columns), $area->width, $area->height);
    }
}
