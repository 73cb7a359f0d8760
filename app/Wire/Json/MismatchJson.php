<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A print whose shape is not the photo’s, and the two sizes that would agree. */
#[OA\Schema]
final readonly class MismatchJson
{
    public function __construct(
        #[OA\Property] public float $percent,
        #[OA\Property] public string $sentence,
        /** Whether the two sides agree once they are swapped. */
        #[OA\Property] public bool $swapped,
        #[OA\Property] public LengthJson $height_for_width,
        #[OA\Property] public LengthJson $width_for_height,
        /** The same as they are typed. */
        #[OA\Property] public string $height,
        #[OA\Property] public string $width,
    ) {
    }
}
