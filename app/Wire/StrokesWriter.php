<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Wire\Json\StrokesJson;
use App\Wording\Phrases;
use App\Wording\Say;
use InchLadder\Measure\Slope;
use InchLadder\Plan\Plan;
use InchLadder\Tone\CellStrokes;
use InchLadder\Tone\Strokes;

/** Writes how strokes run, cell by cell. */
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
        $crop = $plan->layout->fitted->crop;
        $seen = $drawing->photo === null ? null : $this->photos->lightness($drawing->photo, $plan->choices->framing, self::SIDE)->part($crop->left->toFloat(), $crop->top->toFloat(), $crop->width->toFloat(), $crop->height->toFloat());

        return array_map(static fn (Strokes $one): StrokesJson => self::write($plan, $one), CellStrokes::all($plan->layout, $plan->choices->strokes, $seen));
    }

    private static function write(Plan $plan, Strokes $one): StrokesJson
    {
        $slope = Slope::of(cos(deg2rad($one->degrees)), -sin(deg2rad($one->degrees)));

        return new StrokesJson($one->column, $one->row, round($one->degrees, 1), round($one->spacing, 1), $one->byHand, Say::it($one->byHand ? 'tones.strokes.drawn' : 'tones.strokes.read', [
            'cell' => $plan->layout->addresses->of($one->column, $one->row), 'slope' => Phrases::slope($slope),
        ]));
    }
}
