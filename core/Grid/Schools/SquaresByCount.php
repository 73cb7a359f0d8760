<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Remainder;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Size;

/** So many squares across, and as many down as fit. */
final readonly class SquaresByCount implements School
{
    private function __construct(private int $columns, private Remainder $remainder)
    {
    }

    /** @throws \InchLadder\Grid\CountOutOfRange */
    public static function across(int $columns, Remainder $remainder = Remainder::Keep): self
    {
        return new self(Cells::of($columns, 1)->columns, $remainder);
    }

    public static function key(): string
    {
        return 'count';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return self::across($measures->columns(), $measures->remainder());
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::squares($area->width->dividedBy($this->columns), $area, $this->remainder);
    }
}
