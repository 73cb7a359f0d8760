<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Grid\Addresses;

/** One page's window on a board, in mm from the board's top left corner. */
final readonly class Tile
{
    public function __construct(
        /** From 0, from the left. */
        public int $column,
        /** From 0, from the top. */
        public int $row,
        public float $left,
        public float $top,
        public float $width,
        public float $height,
    ) {
    }

    /** `C2`: the third column's second row. */
    public function name(): string
    {
        return Addresses::letters($this->column).($this->row + 1);
    }
}
