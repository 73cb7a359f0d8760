<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/**
 * Gridlines as fractions of the picture, 0 = u₀ < u₁ < … < uₙ = 1, the same
 * across the crop and across the drawing area. Everything hangs on that sameness.
 */
final readonly class Grid
{
    /**
     * @param  list<Rational>  $columns  fractions across, edges included
     * @param  list<Rational>  $rows  fractions down, edges included
     */
    private function __construct(public array $columns, public array $rows)
    {
    }

    /** n × m equal parts. */
    public static function even(Cells $cells): self
    {
        return new self(self::parts($cells->columns), self::parts($cells->rows));
    }

    /**
     * Squares from the top left, with what remains kept as partial cells at the right and the bottom.
     *
     * @param  Length  $cell  side of a square, in the same measure as the area
     *
     * @throws CountOutOfRange
     */
    public static function squares(Length $cell, Length $width, Length $height): self
    {
        $columns = self::steps($cell->over($width), 'columns');
        $rows = self::steps($cell->over($height), 'rows');

        return new self($columns, $rows);
    }

    public function cells(): Cells
    {
        return Cells::of(count($this->columns) - 1, count($this->rows) - 1);
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
        return [self::indexAt($this->columns, $x), self::indexAt($this->rows, $y)];
    }

    public function isPartialColumn(int $column): bool
    {
        return self::isPartial($this->columns, $column);
    }

    public function isPartialRow(int $row): bool
    {
        return self::isPartial($this->rows, $row);
    }

    /** Lines to rule: the inner ones, and the frame's four sides are not counted. */
    public function innerLines(): int
    {
        return count($this->columns) + count($this->rows) - 4;
    }

    /** @param  list<Rational>  $fractions */
    private static function indexAt(array $fractions, float $share): int
    {
        $index = 0;
        while ($index < count($fractions) - 2 && $share >= $fractions[$index + 1]->toFloat()) {
            $index++;
        }

        return $index;
    }

    /** @param  list<Rational>  $fractions */
    private static function isPartial(array $fractions, int $index): bool
    {
        return ! $fractions[$index + 1]->minus($fractions[$index])->isEqualTo($fractions[1]);
    }

    /** @return list<Rational> */
    private static function parts(int $count): array
    {
        return array_map(static fn (int $i): Rational => Rational::nd($i, $count), range(0, $count));
    }

    /** @return list<Rational> */
    private static function steps(Rational $step, string $which): array
    {
        $count = $step->reciprocal()->ceiling();
        if ($count > Cells::MOST) {
            throw CountOutOfRange::of($which, $count);
        }
        $fractions = array_map(static fn (int $i): Rational => $step->times($i), range(0, $count - 1));

        return [...$fractions, Rational::one()];
    }
}
