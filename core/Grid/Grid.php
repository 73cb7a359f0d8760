<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/**
 * Gridlines as fractions of the picture, the same across the crop and across the
 * drawing area. Everything hangs on that sameness. Every school makes one of these.
 */
final readonly class Grid
{
    /** @var list<Rational> fractions across, edges included */
    public array $columns;

    /** @var list<Rational> fractions down, edges included */
    public array $rows;

    /**
     * @param  bool  $diagonals  whether corner is joined to corner
     * @param  Axes|null  $axes  ticks along one line each way, for plotting points
     */
    private function __construct(public Edge $across, public Edge $down, public bool $diagonals, public ?Axes $axes)
    {
        $this->columns = $across->fractions;
        $this->rows = $down->fractions;
    }

    public static function of(Edge $across, Edge $down): self
    {
        return new self($across, $down, false, null);
    }

    /** n × m equal parts. */
    public static function even(Cells $cells): self
    {
        return self::of(Edge::even($cells->columns), Edge::even($cells->rows));
    }

    /**
     * Squares from the top left.
     *
     * @param  Length  $cell  side of a square, in the same measure as the board
     *
     * @throws CountOutOfRange
     */
    public static function squares(Length $cell, Size $board, Remainder $remainder = Remainder::Keep): self
    {
        return self::of(Edge::steps($cell->over($board->width), $remainder, 'columns'), Edge::steps($cell->over($board->height), $remainder, 'rows'));
    }

    public function withDiagonals(): self
    {
        return new self($this->across, $this->down, true, $this->axes);
    }

    public function withAxes(Axes $axes): self
    {
        return new self($this->across, $this->down, $this->diagonals, $axes);
    }

    /** The same grid over a part of the picture only. */
    public function within(Part $part): self
    {
        return new self(
            $this->across->within($part->left, $part->width),
            $this->down->within($part->top, $part->height),
            $this->diagonals,
            $this->axes?->within($part),
        );
    }

    /** Whether a strip at a side is too narrow to be cells. */
    public function hasSliver(): bool
    {
        return $this->across->sliver() !== null || $this->down->sliver() !== null;
    }

    public function cells(): Cells
    {
        return Cells::of($this->across->parts(), $this->down->parts());
    }

    /**
     * The cell a point lies in; the far edges belong to the last cells.
     *
     * @param  float  $x  share across, 0…1
     * @param  float  $y  share down, 0…1
     * @return array{int, int} column and row, 0-based
     */
    public function cellAt(float $x, float $y): array
    {
        return [$this->across->partAt($x), $this->down->partAt($y)];
    }

    /**
     * As cellAt; none for a place beside the grid, which may cover a part of the drawing only.
     *
     * @return array{int, int}|null
     */
    public function cellHolding(float $x, float $y): ?array
    {
        $within = static fn (array $lines, float $at): bool => $at >= $lines[0]->toFloat() - 1e-9 && $at <= $lines[count($lines) - 1]->toFloat() + 1e-9;

        return $within($this->columns, $x) && $within($this->rows, $y) ? $this->cellAt($x, $y) : null;
    }

    /** Lines to rule: the inner ones and the diagonals; the frame's four sides are not counted. */
    public function innerLines(): int
    {
        return count($this->columns) + count($this->rows) - 4 + ($this->diagonals ? 2 : 0);
    }
}
