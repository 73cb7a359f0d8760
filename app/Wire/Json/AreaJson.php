<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The drawing area, and where it lies from the sheet’s top left corner. */
#[OA\Schema]
final readonly class AreaJson
{
    public function __construct(
        #[OA\Property] public LengthJson $width,
        #[OA\Property] public LengthJson $height,
        #[OA\Property] public LengthJson $left,
        #[OA\Property] public LengthJson $top,
    ) {
    }
}
