<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A sheet of the catalogue, upright. */
#[OA\Schema]
final readonly class SheetJson
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $name,
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
        #[OA\Property] public string $unit,
        #[OA\Property] public string $source,
        /** Both sides with their unit once. */
        #[OA\Property] public string $size,
        /** Width ÷ height, portrait. */
        #[OA\Property] public float $ratio,
        #[OA\Property] public float $height_mm,
        /** Among those that are offered first to whoever measures in inches, or in centimetres. */
        #[OA\Property(nullable: true, enum: ['in', 'cm'])] public ?string $usual,
    ) {
    }
}
