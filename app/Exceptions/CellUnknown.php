<?php

declare(strict_types=1);

namespace App\Exceptions;

use InchLadder\Copying\Place;
use InchLadder\Grid\Cells;
use InchLadder\Impossible;

final class CellUnknown extends Impossible
{
    public static function at(Place $place, Cells $cells): self
    {
        return new self('There is no cell '.($place->column + 1).' in, '.($place->row + 1)." down; this grid has {$cells->columns} columns and {$cells->rows} rows.");
    }

    public function choice(): string
    {
        return 'cell';
    }
}
