<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Choices, and where the pointer is as shares of the crop. */
#[OA\Schema]
final readonly class PointRequest
{
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        /** pixels of the photo; null when there are only sizes */
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
        /** 0…1 */
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
    ) {
    }
}
