<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Fit\Way;
use OpenApi\Attributes as OA;

/** The plan as `inch:plan --json` prints it. */
#[OA\Schema]
final readonly class PlanJson
{
    public function __construct(
        #[OA\Property(enum: Way::class)] public string $fit,
        #[OA\Property(enum: ['upright', 'sideways', 'square'])] public string $orientation,
        #[OA\Property] public CropJson $crop,
        #[OA\Property] public AreaJson $drawing,
        #[OA\Property] public SizeJson $leftover,
        #[OA\Property] public ScaleJson $scale,
        #[OA\Property] public GridJson $grid,
        #[OA\Property] public MarksJson $marks,
    ) {
    }
}
