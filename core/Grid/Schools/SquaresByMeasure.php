<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\CellTooLarge;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Remainder;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

/** Squares of a measure that falls on the ruler; what is left over is the remainder's. */
final readonly class SquaresByMeasure implements School
{
    /** @param  bool  $onPrint  whether the measure is the photo's cell; else it is the paper's */
    public function __construct(private Length $cell, private bool $onPrint = false, private Remainder $remainder = Remainder::Keep)
    {
    }

    public static function key(): string
    {
        return 'measure';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return new self($measures->cell(), $measures->isOnPrint(), $measures->remainder());
    }

    /** @throws CellTooLarge */
    public function over(Size $area, ?Size $print): Grid
    {
        $board = $this->onPrint && $print !== null ? $print : $area;
        if (! $this->cell->isPositive()) {
            throw CellTooLarge::nothing();
        }
        foreach ([$board->width, $board->height] as $side) {
            if ($this->cell->isLongerThan($side)) {
                throw CellTooLarge::forArea($this->cell, $side);
            }
        }

        return Grid::squares($this->cell, $board, $this->remainder);
    }
}
