<?php

declare(strict_types=1);

namespace InchLadder\Tone;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Span;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Flow;

/** How strokes run, cell by cell: as the photo has it, but for where the hand said otherwise. */
final class CellStrokes
{
    /**
     * @param  list<Span>  $byHand  the way they run about a place, drawn from there; the last word counts
     * @param  Field|null  $crop  L* of what is drawn; null without a photo
     * @return list<Strokes> of every cell in which anything runs one way, row by row
     */
    public static function all(Layout $layout, array $byHand, ?Field $crop): array
    {
        $strokes = self::byHand($layout, $byHand) + ($crop === null ? [] : self::read($layout, $crop));
        ksort($strokes);

        return array_values($strokes);
    }

    /**
     * @param  list<Span>  $byHand
     * @return array<int, Strokes> by cell
     */
    private static function byHand(Layout $layout, array $byHand): array
    {
        [$grid, $crop, $area] = [$layout->grid, $layout->fitted->crop, $layout->fitted->area];
        $strokes = [];
        foreach ($byHand as $span) {
            [$x, $y] = [$span->x1->minus($crop->left)->dividedBy($crop->width)->toFloat(), $span->y1->minus($crop->top)->dividedBy($crop->height)->toFloat()];
            if (min($x, $y) < 0 || max($x, $y) > 1) {
                continue;
            }
            [$column, $row] = $grid->cellAt($x, $y);
            $across = $span->x2->minus($span->x1)->dividedBy($crop->width)->times($area->ratio())->toFloat();
            $down = $span->y2->minus($span->y1)->dividedBy($crop->height)->toFloat();
            $strokes[$row * $grid->across->parts() + $column] = Strokes::drawn($column, $row, $across, $down);
        }

        return $strokes;
    }

    /** @return array<int, Strokes> by cell */
    private static function read(Layout $layout, Field $crop): array
    {
        [$grid, $area] = [$layout->grid, $layout->fitted->area];
        [$across, $down] = [$area->width->toFloat() / $crop->wide, $area->height->toFloat() / $crop->high];
        $spared = array_flip($layout->spared());
        $strokes = [];
        for ($row = 0; $row < $grid->down->parts(); $row++) {
            for ($column = 0; $column < $grid->across->parts(); $column++) {
                $cell = $row * $grid->across->parts() + $column;
                if (isset($spared[$cell])) {
                    continue;
                }
                [$left, $top] = [$grid->columns[$column]->toFloat(), $grid->rows[$row]->toFloat()];
                $one = Strokes::read($column, $row, Flow::of($crop->part($left, $top, $grid->columns[$column + 1]->toFloat() - $left, $grid->rows[$row + 1]->toFloat() - $top), $across, $down));
                $one === null || $strokes[$cell] = $one;
            }
        }

        return $strokes;
    }
}
