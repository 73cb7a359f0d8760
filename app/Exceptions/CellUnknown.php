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
        return new self('unknown', ['column' => $place->column + 1, 'row' => $place->row + 1, 'columns' => $cells->columns, 'rows' => $cells->rows]);
    }

    public function choice(): string
    {
        return 'cell';
    }
}
