<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A pointed-at place, in words on both boards. */
#[OA\Schema]
final readonly class PointJson
{
    public function __construct(
        /** Its address. */
        #[OA\Property] public string $cell,
        #[OA\Property] public ReadingsJson $across,
        #[OA\Property] public ReadingsJson $down,
    ) {
    }
}
