<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A key point judged by one or two readings of the ruler. */
#[OA\Schema]
final readonly class PlaceByRulerJson
{
    public function __construct(
        /** The place of the key point among all. */
        #[OA\Property] public int $index,
        #[OA\Property] public string $name,
        #[OA\Property] public bool $within,
        #[OA\Property] public string $says,
        #[OA\Property] public string $amounts,
    ) {
    }
}
