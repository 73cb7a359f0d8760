<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The rungs that are computed. */
#[OA\Schema]
final readonly class RungsJson
{
    public function __construct(
        #[OA\Property] public RungJson $photo,
        #[OA\Property] public RungJson $paper,
        #[OA\Property] public RungJson $fit,
        #[OA\Property] public RungJson $grid,
        #[OA\Property] public RungJson $marks,
    ) {
    }
}
