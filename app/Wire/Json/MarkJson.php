<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One tick: on the print, in the drawing area, from the sheet’s edge. */
#[OA\Schema]
final readonly class MarkJson
{
    public function __construct(
        #[OA\Property] public int $line,
        #[OA\Property] public ?LengthJson $photo,
        #[OA\Property] public LengthJson $paper,
        #[OA\Property] public LengthJson $sheet,
        #[OA\Property] public LengthJson $rounded,
        /** Rounded − exact, in the drawing area. */
        #[OA\Property] public float $error_mm,
        /** The same of the reading from the sheet’s edge. */
        #[OA\Property] public float $sheet_error_mm,
        /** Where stepping the rounded cell would end − exact. */
        #[OA\Property] public float $stepped_error_mm,
    ) {
    }
}
