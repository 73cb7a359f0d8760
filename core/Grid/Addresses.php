<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** The names of a grid's cells, one each and in one form everywhere. Columns and rows are 0-based from the top left. */
final readonly class Addresses
{
    public function __construct(private Labels $labels, private Corner $corner, private Cells $cells)
    {
    }

    /** What stands over a column. */
    public function column(int $index): string
    {
        $place = $this->place($index);

        return $this->labels === Labels::Letters ? self::letters($place) : (string) ($place + 1);
    }

    /** What stands beside a row; of a running count, the number its first cell has. */
    public function row(int $index): string
    {
        return (string) ($this->labels === Labels::Running ? $index * $this->cells->columns + 1 : $index + 1);
    }

    /** One cell's address, which can be read one way only: `C4`, `3 in, 4 down`, or `18`. */
    public function of(int $column, int $row): string
    {
        return match ($this->labels) {
            Labels::Letters => $this->column($column).$this->row($row),
            Labels::Numbers => "{$this->column($column)} in, {$this->row($row)} down",
            Labels::Running => (string) ($row * $this->cells->columns + $this->place($column) + 1),
        };
    }

    /** @return list<string> every address, row by row from the top left */
    public function all(): array
    {
        $all = [];
        for ($row = 0; $row < $this->cells->rows; $row++) {
            for ($column = 0; $column < $this->cells->columns; $column++) {
                $all[] = $this->of($column, $row);
            }
        }

        return $all;
    }

    private function place(int $column): int
    {
        return $this->corner === Corner::TopLeft ? $column : $this->cells->columns - 1 - $column;
    }

    /**
     * A…Z, AA, AB …: bijective base 26.
     *
     * @param  int  $index  from 0
     */
    public static function letters(int $index): string
    {
        $letters = '';
        for ($rest = $index + 1; $rest > 0; $rest = intdiv($rest - 1, 26)) {
            $letters = chr(65 + ($rest - 1) % 26).$letters;
        }

        return $letters;
    }
}
