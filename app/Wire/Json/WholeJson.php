<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Compare\Model;
use OpenApi\Attributes as OA;

/** How the drawing came out as a whole, about its middle. */
#[OA\Schema]
final readonly class WholeJson
{
    public function __construct(
        #[OA\Property] public float $right_mm,
        #[OA\Property] public float $down_mm,
        /** Clockwise. */
        #[OA\Property] public float $turn_degrees,
        /** Larger over 0. */
        #[OA\Property] public float $size_percent,
        /** Wider for its height over 0. */
        #[OA\Property] public float $stretch_percent,
        #[OA\Property] public float $lean_degrees,
        #[OA\Property(enum: Model::class)] public string $model,
    ) {
    }
}
