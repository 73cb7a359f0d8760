<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One tick: on the print, in the drawing area, from the sheet’s edge; the rounding is the drawing area’s. */
#[OA\Schema]
final readonly class MarkJson
{
    public function __construct(
        #[OA\Property] public int $line,
        #[OA\Property] public ?LengthJson $photo,
        #[OA\Property] public LengthJson $paper,
        #[OA\Property] public LengthJson $sheet,
        #[OA\Property] public LengthJson $rounded,
        /** Rounded − exact. */
        #[OA\Property] public float $error_mm,
        /** Where stepping the rounded cell would end − exact. */
        #[OA\Property] public float $stepped_error_mm,
    ) {
    }
}
