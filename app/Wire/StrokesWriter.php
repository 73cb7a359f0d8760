<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Wire\Json\StrokesJson;
use App\Wording\Phrases;
use App\Wording\Say;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Slope;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Flow;
use InchLadder\Plan\Plan;
use InchLadder\Tone\Strokes;

/** Writes how strokes run, cell by cell: as the photo has it, but for where the hand said otherwise. */
final readonly class StrokesWriter
{
    /** Samples along each side of the picture: as fine as hatching is. */
    private const SIDE = 480;

    public function __construct(private PhotoStore $photos)
    {
    }

    /** @return list<StrokesJson> */
    public function strokes(Drawing $drawing): array
    {
        $plan = $drawing->plan();
        $strokes = $this->byHand($plan);
        if ($drawing->photo !== null) {
            $crop = $plan->layout->fitted->crop;
            $field = $this->photos->lightness($drawing->photo, $plan->choices->framing, self::SIDE)->part($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat());
            $strokes += $this->read($plan, $field);
        }
        ksort($strokes);

        return array_values(array_map(static fn (Strokes $one): StrokesJson => self::write($plan, $one), $strokes));
    }

    /** @return array<int, Strokes> by cell */
    private function byHand(Plan $plan): array
    {
        $crop = $plan->layout->fitted->crop;
        $area = $plan->layout->fitted->area;
        $strokes = [];
        foreach ($plan->choices->strokes as $span) {
            [$x, $y] = [$span->x1->minus($crop->left)->dividedBy($crop->width), $span->y1->minus($crop->top)->dividedBy($crop->height)];
            if ($x->isNegative() || $y->isNegative() || $x->isGreaterThan(1) || $y->isGreaterThan(1)) {
                continue;
            }
            [$column, $row] = $plan->layout->grid->cellAt($x->toFloat(), $y->toFloat());
            $along = static fn (Rational $from, Rational $to, Rational $share, float $side): float => $to->minus($from)->dividedBy($share)->toFloat() * $side;
            // The last word counts.
            $strokes[$row * $plan->layout->grid->across->parts() + $column] = Strokes::drawn($column, $row, $along($span->x1, $span->x2, $crop->width, $area->width->toFloat()), $along($span->y1, $span->y2, $crop->height, $area->height->toFloat()));
        }

        return $strokes;
    }

    /** @return array<int, Strokes> by cell */
    private function read(Plan $plan, Field $field): array
    {
        [$grid, $area] = [$plan->layout->grid, $plan->layout->fitted->area];
        [$across, $down] = [$area->width->toFloat() / $field->wide, $area->height->toFloat() / $field->high];
        $spared = array_flip($plan->layout->spared());
        $strokes = [];
        for ($row = 0; $row < $grid->down->parts(); $row++) {
            for ($column = 0; $column < $grid->across->parts(); $column++) {
                $cell = $row * $grid->across->parts() + $column;
                if (isset($spared[$cell])) {
                    continue;
                }
                [$left, $top] = [$grid->columns[$column]->toFloat(), $grid->rows[$row]->toFloat()];
                $one = Strokes::read($column, $row, Flow::of($field->part($left, $top, $grid->columns[$column + 1]->toFloat() - $left, $grid->rows[$row + 1]->toFloat() - $top), $across, $down));
                $one === null || $strokes[$cell] = $one;
            }
        }

        return $strokes;
    }

    private static function write(Plan $plan, Strokes $one): StrokesJson
    {
        $slope = Slope::of(cos(deg2rad($one->degrees)), -sin(deg2rad($one->degrees)));

        return new StrokesJson($one->column, $one->row, round($one->degrees, 1), round($one->spacing, 1), $one->byHand, Say::it($one->byHand ? 'tones.strokes.drawn' : 'tones.strokes.read', [
            'cell' => $plan->layout->addresses->of($one->column, $one->row), 'slope' => Phrases::slope($slope),
        ]));
    }
}
