<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\CellPixels;
use App\Imaging\StrengthPixels;
use App\Models\Photo;
use App\Wire\Json\StrengthJson;
use App\Wire\Json\StrengthStretchJson;
use App\Wording\CopyWording;
use InchLadder\Copying\Cell;
use InchLadder\Copying\ContourStrength;
use InchLadder\Copying\EdgeStretch;
use InchLadder\Copying\Place;
use InchLadder\Plan\Plan;

/** Writes where the contours of a cell are hard, soft and lost. */
final readonly class StrengthsWriter
{
    public function __construct(private CellPixels $sight, private StrengthPixels $pixels)
    {
    }

    /** @return list<StrengthJson> in the order of the cell's contours */
    public function strengths(Photo $photo, Plan $plan, Place $place): array
    {
        $cell = Cell::of($plan->layout, $place);

        return array_map(static fn (ContourStrength $one): StrengthJson => new StrengthJson(CopyWording::strength($one->stretches), array_map(
            static fn (EdgeStretch $stretch): StrengthStretchJson => new StrengthStretchJson($stretch->strength->value, array_map(static fn (array $at): array => [round($at[0], 4), round($at[1], 4)], $one->places($stretch))), $one->stretches,
        )), $this->pixels->of($photo, $plan, $cell, $this->sight->of($photo, $plan, $cell)->contours));
    }
}
