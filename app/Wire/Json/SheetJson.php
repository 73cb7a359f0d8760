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
    ) {
    }
}
