<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Grid\Cells;

/** One cell of a grid, by column and row; 0-based, from the top left. */
final readonly class Place
{
    public function __construct(public int $column, public int $row)
    {
    }

    /** @param  int  $index  row × columns + column */
    public static function at(int $index, Cells $cells): self
    {
        return new self($index % $cells->columns, intdiv($index, $cells->columns));
    }

    public function index(Cells $cells): int
    {
        return $this->row * $cells->columns + $this->column;
    }

    /** Cells to go, sideways and slantwise as well. */
    public function stepsTo(self $other): int
    {
        return max(abs($this->column - $other->column), abs($this->row - $other->row));
    }

    /** The cell that lies beyond one of its sides; null at the grid's own edge. */
    public function beyond(Side $side, Cells $cells): ?self
    {
        $place = match ($side) {
            Side::Top => new self($this->column, $this->row - 1),
            Side::Right => new self($this->column + 1, $this->row),
            Side::Bottom => new self($this->column, $this->row + 1),
            Side::Left => new self($this->column - 1, $this->row),
        };

        return $place->isIn($cells) ? $place : null;
    }

    /** @return list<self> the cells that share a side with it */
    public function neighbours(Cells $cells): array
    {
        $around = [new self($this->column - 1, $this->row), new self($this->column + 1, $this->row), new self($this->column, $this->row - 1), new self($this->column, $this->row + 1)];

        return array_values(array_filter($around, static fn (self $place): bool => $place->isIn($cells)));
    }

    public function isIn(Cells $cells): bool
    {
        return $this->column >= 0 && $this->row >= 0 && $this->column < $cells->columns && $this->row < $cells->rows;
    }
}
