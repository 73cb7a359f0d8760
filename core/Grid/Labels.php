<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** How cells are named; always column before row, from a stated corner. */
enum Labels: string
{
    case Letters = 'letters';
    case Numbers = 'numbers';

    /**
     * What stands over a column.
     *
     * @param  int  $index  0-based, from the zero corner
     */
    public function column(int $index): string
    {
        return $this === self::Letters ? self::letters($index) : (string) ($index + 1);
    }

    /** What stands beside a row. */
    public function row(int $index): string
    {
        return (string) ($index + 1);
    }

    /** One cell's address, which can be read one way only: `C4`, or `3 in, 4 down`. */
    public function address(int $column, int $row): string
    {
        return $this === self::Letters
            ? $this->column($column).$this->row($row)
            : "{$this->column($column)} in, {$this->row($row)} down";
    }

    /** A…Z, AA, AB …: bijective base 26. */
    private static function letters(int $index): string
    {
        $letters = '';
        for ($rest = $index + 1; $rest > 0; $rest = intdiv($rest - 1, 26)) {
            $letters = chr(65 + ($rest - 1) % 26).$letters;
        }

        return $letters;
    }
}
