<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Something said of each side; empty where there is nothing to say. */
#[OA\Schema]
final readonly class SidesJson
{
    public function __construct(
        #[OA\Property] public string $left,
        #[OA\Property] public string $right,
        #[OA\Property] public string $top,
        #[OA\Property] public string $bottom,
    ) {
    }
}
