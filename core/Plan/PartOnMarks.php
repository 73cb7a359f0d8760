<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Grid\Part;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;

/**
 * A part that was boxed by hand, laid on the marks of the ruler: it begins on one, counted from the sheet's edge, and is so
 * many whole cells long, each of so many whole marks.
 */
final class PartOnMarks
{
    /** The part that is nearest to the one wanted; that itself where the drawing has no room for a whole cell. */
    public static function of(Plan $plan, Part $wanted): Part
    {
        $layout = $plan->layout;
        $area = $layout->fitted->area;
        $size = $wanted->sizeOn($area);
        $ruler = $plan->choices->notation->ruler;
        $school = $plan->choices->school;
        $grid = $school->over($size, $layout->print === null ? null : $wanted->sizeOn($layout->print));
        [$columns, $rows] = [$grid->across->parts(), $grid->down->parts()];
        if (! $grid->across->isRegular() || ! $grid->down->isRegular()) {
            // Lines of their own: the part begins and ends on marks, whatever lies between.
            [$columns, $rows] = [1, 1];
        }
        $square = $school instanceof SquaresByCount || $school instanceof SquaresByMeasure;
        // A cell that was typed stays what it is.
        $wide = $school instanceof SquaresByMeasure
            ? $size->width->times($grid->across->span($grid->across->firstWhole()))
            : self::marks($size->width->dividedBy($columns), $ruler);
        $high = $square ? $wide : self::marks($size->height->dividedBy($rows), $ruler);
        if ($square) {
            [$columns, $rows] = [max(1, $size->width->over($wide)->round()), max(1, $size->height->over($high)->round())];
        }
        [$left, $width] = self::laid($layout->left, $area->width, $area->width->times($wanted->left), $wide, $columns, $ruler);
        [$top, $height] = self::laid($layout->top, $area->height, $area->height->times($wanted->top), $high, $rows, $ruler);
        if ($width === null || $height === null) {
            return $wanted;
        }

        return Part::of($left->over($area->width), $top->over($area->height), $width->over($area->width), $height->over($area->height));
    }

    /**
     * @param  Length  $before  from the sheet's edge to the drawing area
     * @param  Length  $side  of the drawing area
     * @param  Length  $start  wanted, from the area's edge
     * @return array{Length, Length|null} where it begins, from the area's edge, and how long it is; null where there is no room for a cell
     */
    private static function laid(Length $before, Length $side, Length $start, Length $cell, int $cells, Graduation $ruler): array
    {
        for (; $cells > 0; $cells--) {
            $length = $cell->times($cells);
            $begins = $ruler->round($before->plus($start))->reading->minus($before);
            // Back by whole marks where it would run out of the drawing, on by one where it would begin before it.
            $over = $begins->plus($length)->minus($side);
            $begins = $over->isPositive() ? $begins->minus($ruler->step->times($over->over($ruler->step)->ceiling())) : $begins;
            $begins = $begins->mm->isNegative() ? $begins->plus($ruler->step) : $begins;
            if (! $begins->plus($length)->isLongerThan($side)) {
                return [$begins, $length];
            }
        }

        return [$start, null];
    }

    /** Rounded to whole marks, one at least. */
    private static function marks(Length $length, Graduation $ruler): Length
    {
        $read = $ruler->round($length)->reading;

        return $read->isPositive() ? $read : $ruler->step;
    }
}
