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

    public static function ofAnotherMesh(string $mesh): self
    {
        return new self('of another mesh', ['mesh' => str_replace('x', ' × ', explode('-', $mesh)[0])]);
    }

    /** @param  list<string>  $known  addresses, row by row */
    public static function named(string $address, array $known): self
    {
        return new self('named', ['cell' => $address, 'first' => $known[0] ?? '', 'last' => $known[count($known) - 1] ?? '']);
    }

    public function choice(): string
    {
        return 'cell';
    }
}
