<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;

/** One cell that is cut finer, into halves, thirds or quarters of its sides. */
final readonly class Division
{
    public const PARTS = [2, 3, 4];

    /**
     * @param  int  $column  0-based
     * @param  int  $row  0-based
     * @param  int  $parts  2, 3 or 4
     */
    public function __construct(public int $column, public int $row, public int $parts, public Hairlines $hairlines = Hairlines::InTheCell)
    {
    }

    /**
     * How far the lines across run down, and those down run across: shares of the picture.
     *
     * @return array{left: Rational, right: Rational, top: Rational, bottom: Rational}
     */
    public function reach(Grid $grid): array
    {
        [$columns, $rows] = [$grid->columns, $grid->rows];

        return $this->hairlines === Hairlines::RunOn
            ? ['left' => $columns[0], 'right' => $columns[count($columns) - 1], 'top' => $rows[0], 'bottom' => $rows[count($rows) - 1]]
            : ['left' => $columns[$this->column], 'right' => $columns[$this->column + 1], 'top' => $rows[$this->row], 'bottom' => $rows[$this->row + 1]];
    }

    public function isIn(Grid $grid): bool
    {
        return $this->column < $grid->across->parts() && $this->row < $grid->down->parts();
    }

    /** @return list<Rational> the lines inside the cell, as shares of the picture's width */
    public function across(Grid $grid): array
    {
        return $this->cut($grid->across, $this->column);
    }

    /** @return list<Rational> as shares of its height */
    public function down(Grid $grid): array
    {
        return $this->cut($grid->down, $this->row);
    }

    /** @return list<Rational> */
    private function cut(Edge $edge, int $part): array
    {
        return array_map(fn (int $i): Rational => $edge->fractions[$part]->plus($edge->span($part)->times(Rational::nd($i, $this->parts))), range(1, $this->parts - 1));
    }
}
