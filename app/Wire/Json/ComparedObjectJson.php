<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How a named object came out, judged whole; what is left once the whole is taken off. */
#[OA\Schema]
final readonly class ComparedObjectJson
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public float $right_mm,
        #[OA\Property] public float $down_mm,
        /** Clockwise as it is seen. */
        #[OA\Property] public float $turn_degrees,
        #[OA\Property] public float $size_percent,
        /** Its lines say nothing of how far it slid along them. */
        #[OA\Property] public bool $across_only,
        /** Nothing else fits nearly as well. Figures of what is not sure are no finding. */
        #[OA\Property] public bool $sure,
        /** How much of its lines lies on lines of the drawing. */
        #[OA\Property] public float $drawn_percent,
    ) {
    }
}
