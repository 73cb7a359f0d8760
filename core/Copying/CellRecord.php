<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Layout\Affine;
use InchLadder\Measure\Rational;

/**
 * What has become of each cell of the grid in force, from what was noted of places on the picture.
 *
 * A place that is a cell again has its note whole. Where the mesh is finer now, a cell inside a settled place is
 * settled, or as many passes on; where it is coarser, a cell that such places fill is as far as the last of them. Doubts and words go to the cell their
 * middle lies in. What fits no cell stays with the picture, and is counted apart.
 */
final readonly class CellRecord
{
    private function __construct(
        /** @var array<int, Noted> by row × columns + column; only cells there is something to say of, and those noted open over what covers them */
        public array $cells,
        /** Places with something to say that fit no cell here. */
        public int $elsewhere,
        /** @var array<int, list<int>> the places that are these cells, by their number in the list */
        public array $own,
        /** @var array<int, true> cells that are settled by other places than their own */
        public array $covered,
    ) {
    }

    /**
     * @param  list<array{Quad, Noted}>  $places
     */
    public static function of(Grid $grid, Affine $fileToCrop, array $places): self
    {
        $map = $fileToCrop->floats();
        $columns = array_map(static fn (Rational $share): float => $share->toFloat(), $grid->columns);
        $rows = array_map(static fn (Rational $share): float => $share->toFloat(), $grid->rows);
        [$own, $covering, $filled, $words, $are, $elsewhere] = [[], [], [], [], [], 0];
        foreach ($places as $i => [$quad, $noted]) {
            [$left, $top, $right, $bottom] = $quad->in($map);
            [$across, $down] = [self::overlaps($columns, $left, $right), self::overlaps($rows, $top, $bottom)];
            $middle = $noted->doubtful || $noted->words !== '' ? self::cellAt($columns, $rows, ($left + $right) / 2, ($top + $bottom) / 2) : null;
            if ($middle !== null) {
                $words[$middle] = isset($words[$middle]) ? $words[$middle]->joinedBy($noted) : $noted;
            }
            $found = $middle !== null;
            foreach ($down as $row => [$shareDown, $wholeDown]) {
                foreach ($across as $column => [$shareAcross, $wholeAcross]) {
                    $cell = $row * (count($columns) - 1) + $column;
                    [$inside, $area] = [$shareAcross > 1 - Figures::SAME_CELL && $shareDown > 1 - Figures::SAME_CELL, $shareAcross * $shareDown];
                    if ($inside && $wholeAcross && $wholeDown) {
                        $own[$cell] = isset($own[$cell]) ? $noted->joinedBy($own[$cell]) : $noted;
                        $are[$cell][] = $i;
                    } elseif ($noted->isBegun() && $inside) {
                        $covering[$cell] = $noted;
                    } elseif ($noted->isBegun() && $wholeAcross && $wholeDown) {
                        // Whether it counts is known when all of them are.
                        $filled[$cell][] = [$area, $noted];

                        continue 3;
                    } else {
                        continue;
                    }
                    $found = true;
                }
            }
            $elsewhere += $found || ! $noted->says() ? 0 : 1;
        }
        foreach ($filled as $cell => $parts) {
            if (array_sum(array_column($parts, 0)) >= Figures::WHOLE_CELL) {
                $covering[$cell] ??= Noted::filledBy(array_column($parts, 1));
            } else {
                $elsewhere += count($parts);
            }
        }
        foreach (array_keys($covering + $words) as $cell) {
            $noted = $own[$cell] ?? (isset($covering[$cell]) ? new Noted($covering[$cell]->state, settled: $covering[$cell]->settled, reached: $covering[$cell]->reached) : new Noted);
            $own[$cell] = isset($words[$cell]) ? $noted->joinedBy($words[$cell]) : $noted;
        }
        ksort($own);

        return new self($own, $elsewhere, $are, array_fill_keys(array_keys($covering), true));
    }

    /** What has become of a cell. */
    public function at(int $cell): Noted
    {
        return $this->cells[$cell] ?? new Noted;
    }

    /** @return list<int> cells that need no copying any more; with a pass, in that pass */
    public function settled(?Pass $pass = null): array
    {
        return array_keys(array_filter($this->cells, static fn (Noted $noted): bool => $noted->isSettled($pass)));
    }

    /**
     * The cells there is something to draw in.
     *
     * @param  list<int>  $spared  cells that are not to be drawn
     * @return list<int>
     */
    public function toDraw(Cells $cells, array $spared): array
    {
        return array_values(array_filter(array_diff(range(0, $cells->columns * $cells->rows - 1), $spared), fn (int $cell): bool => $this->at($cell)->state !== Noted::EMPTY));
    }

    /** The cell that was settled last; null before the first. */
    public function last(?Pass $pass = null): ?int
    {
        $last = null;
        foreach ($this->cells as $cell => $noted) {
            if ($noted->isSettled($pass) && ($last === null || $noted->settled >= $this->cells[$last]->settled)) {
                $last = $cell;
            }
        }

        return $last;
    }

    /**
     * The parts of a side that a stretch touches.
     *
     * @param  list<float>  $lines
     * @return array<int, array{float, bool}> by part: how much of the part it covers, and whether it lies in it whole
     */
    private static function overlaps(array $lines, float $from, float $to): array
    {
        $found = [];
        for ($part = 0; $part < count($lines) - 1; $part++) {
            [$start, $end] = [$lines[$part], $lines[$part + 1]];
            $share = (min($to, $end) - max($from, $start)) / ($end - $start);
            if ($share > Figures::SAME_CELL) {
                $near = Figures::SAME_CELL * ($end - $start);
                $found[$part] = [$share, $from > $start - $near && $to < $end + $near];
            }
        }

        return $found;
    }

    /**
     * @param  list<float>  $columns
     * @param  list<float>  $rows
     */
    private static function cellAt(array $columns, array $rows, float $x, float $y): ?int
    {
        [$column, $row] = [self::partAt($columns, $x), self::partAt($rows, $y)];

        return $column === null || $row === null ? null : $row * (count($columns) - 1) + $column;
    }

    /** @param  list<float>  $lines */
    private static function partAt(array $lines, float $at): ?int
    {
        for ($part = 0; $part < count($lines) - 1; $part++) {
            if ($at >= $lines[$part] && $at <= $lines[$part + 1]) {
                return $part;
            }
        }

        return null;
    }
}
