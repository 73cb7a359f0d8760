<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** How heavy the lines are, 1…3, on each board and in print. */
#[OA\Schema]
final readonly class WeightsChoice
{
    public function __construct(
        #[OA\Property] public int $photo,
        #[OA\Property] public int $paper,
        #[OA\Property] public int $print,
    ) {
    }
}
