<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Grid\Grid;
use InchLadder\Layout\Hand;
use InchLadder\Measure\Size;

/** When a clean sheet belongs under the hand: the drawing hand rests below what it draws and to its own side, and drags through what is finished there. */
final class GuardSheet
{
    /**
     * @param  Size  $area  of the drawing on the paper
     * @param  list<int>  $done  cells with pencil in them
     * @param  list<int>  $open
     * @return list<int> those of the open ones over which the hand rests on done ones
     */
    public static function under(Grid $grid, Size $area, Hand $hand, array $done, array $open): array
    {
        $cells = $grid->cells();
        $box = static function (int $cell) use ($grid, $area, $cells): array {
            $place = Place::at($cell, $cells);

            return [
                $grid->columns[$place->column]->toFloat() * $area->width->toFloat(), $grid->rows[$place->row]->toFloat() * $area->height->toFloat(),
                $grid->columns[$place->column + 1]->toFloat() * $area->width->toFloat(), $grid->rows[$place->row + 1]->toFloat() * $area->height->toFloat(),
            ];
        };
        $boxes = array_map($box, $done);

        return array_values(array_filter($open, static function (int $cell) use ($box, $boxes, $hand): bool {
            [$left, $top, $right, $bottom] = $box($cell);
            // From the middle of the cell, where the point is.
            [$x, $y] = [($left + $right) / 2, ($top + $bottom) / 2];
            [$from, $to] = $hand === Hand::Right ? [$x, $x + Figures::HAND_MM] : [$x - Figures::HAND_MM, $x];
            foreach ($boxes as [$l, $t, $r, $b]) {
                if ($l < $to && $r > $from && $t < $y + Figures::HAND_MM && $b > $y) {
                    return true;
                }
            }

            return false;
        }));
    }
}
