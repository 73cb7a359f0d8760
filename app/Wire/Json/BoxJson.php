<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A rectangle as shares of what it lies on. */
#[OA\Schema]
final readonly class BoxJson
{
    public function __construct(
        #[OA\Property] public float $left,
        #[OA\Property] public float $top,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
    ) {
    }
}
