<?php

declare(strict_types=1);

namespace InchLadder\Grid\Schools;

use InchLadder\Grid\Cells;
use InchLadder\Grid\FoldsOdd;
use InchLadder\Grid\Grid;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Measure\Size;

/** Halved, and halved again: 2, 4, 8 or 16 parts each way. */
final readonly class Folding implements School
{
    public const PARTS = [2, 4, 8, 16];

    private function __construct(private int $columns, private int $rows)
    {
    }

    /** @throws FoldsOdd */
    public static function into(int $columns, int $rows): self
    {
        foreach (['columns' => $columns, 'rows' => $rows] as $which => $parts) {
            if (! in_array($parts, self::PARTS, true)) {
                throw FoldsOdd::into($parts, $which);
            }
        }

        return new self($columns, $rows);
    }

    public static function key(): string
    {
        return 'folding';
    }

    public static function from(SchoolMeasures $measures): self
    {
        return self::into(...$measures->folds());
    }

    public function over(Size $area, ?Size $print): Grid
    {
        return Grid::even(Cells::of($this->columns, $this->rows));
    }
}
