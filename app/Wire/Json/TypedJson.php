<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Crop and drawing as the artist would type them: lengths on a print, shares on a screen. */
#[OA\Schema]
final readonly class TypedJson
{
    public function __construct(
        #[OA\Property] public string $crop_left,
        #[OA\Property] public string $crop_top,
        #[OA\Property] public string $crop_width,
        #[OA\Property] public string $crop_height,
        #[OA\Property] public string $drawing_width,
        #[OA\Property] public string $drawing_height,
    ) {
    }
}
