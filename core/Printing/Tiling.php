<?php

declare(strict_types=1);

namespace InchLadder\Printing;

/**
 * A large board over many equal pages. Neighbours share a strip of just the overlap,
 * and all together they cover the board and nothing more. All measures in mm.
 */
final readonly class Tiling
{
    private function __construct(
        public float $width,
        public float $height,
        public int $columns,
        public int $rows,
        public float $overlap,
        /** Of each tile. */
        public float $tileWidth,
        public float $tileHeight,
    ) {
    }

    /**
     * As few tiles as the room on a page allows, made equal so that none is a sliver.
     *
     * n tiles of side t that share the overlap o cover n·t − (n − 1)·o, so n = ⌈(side − o) ÷ (room − o)⌉.
     *
     * @param  float  $roomWide  usable on a page, over the overlap
     * @param  float  $roomHigh  as roomWide
     */
    public static function over(float $width, float $height, float $roomWide, float $roomHigh, float $overlap): self
    {
        $count = static fn (float $side, float $room): int => $side <= $room ? 1 : (int) ceil(($side - $overlap) / ($room - $overlap) - 1e-9);
        [$columns, $rows] = [$count($width, $roomWide), $count($height, $roomHigh)];

        return new self($width, $height, $columns, $rows, $overlap, ($width + ($columns - 1) * $overlap) / $columns, ($height + ($rows - 1) * $overlap) / $rows);
    }

    public function count(): int
    {
        return $this->columns * $this->rows;
    }

    /** @return list<Tile> row by row */
    public function tiles(): array
    {
        $tiles = [];
        for ($row = 0; $row < $this->rows; $row++) {
            for ($column = 0; $column < $this->columns; $column++) {
                $tiles[] = new Tile($column, $row, $column * ($this->tileWidth - $this->overlap), $row * ($this->tileHeight - $this->overlap), $this->tileWidth, $this->tileHeight);
            }
        }

        return $tiles;
    }

    /** @return list<float> the middle of each strip shared by two columns, from the board's left */
    public function seamsAcross(): array
    {
        return array_map(fn (int $i): float => $i * ($this->tileWidth - $this->overlap) + $this->overlap / 2, $this->columns > 1 ? range(1, $this->columns - 1) : []);
    }

    /** @return list<float> the middle of each strip shared by two rows, from the board's top */
    public function seamsDown(): array
    {
        return array_map(fn (int $i): float => $i * ($this->tileHeight - $this->overlap) + $this->overlap / 2, $this->rows > 1 ? range(1, $this->rows - 1) : []);
    }
}
