<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A sheet, in both units. */
#[OA\Schema]
final readonly class PaperSizeJson
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
        /** `8 1/2 × 11 in` */
        #[OA\Property] public string $inches,
        #[OA\Property] public string $centimetres,
        /** Width to height, as near as simple numbers say. */
        #[OA\Property] public string $shape,
    ) {
    }
}
