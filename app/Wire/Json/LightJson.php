<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Where the light of a picture comes from, as it is held. */
#[OA\Schema]
final readonly class LightJson
{
    public function __construct(
        /** The way it falls, clockwise from the right: 90 is straight down. */
        #[OA\Property] public float $degrees,
        #[OA\Property] public string $says,
    ) {
    }
}
