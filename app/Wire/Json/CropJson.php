<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The part of the photo that is drawn; lengths are on the print, null on a screen. */
#[OA\Schema]
final readonly class CropJson
{
    public function __construct(
        #[OA\Property] public ?LengthJson $width,
        #[OA\Property] public ?LengthJson $height,
        /** 0…1 */
        #[OA\Property] public float $left,
        #[OA\Property] public float $top,
        #[OA\Property] public float $share_w,
        #[OA\Property] public float $share_h,
        #[OA\Property] public float $trimmed_percent,
    ) {
    }
}
