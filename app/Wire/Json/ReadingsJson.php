<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One mark on all three rulers; print is null on a screen. */
#[OA\Schema]
final readonly class ReadingsJson
{
    public function __construct(
        #[OA\Property] public int $line,
        #[OA\Property] public ?ReadingJson $print,
        #[OA\Property] public ReadingJson $area,
        #[OA\Property] public ReadingJson $sheet,
        /** Where stepping the rounded first cell would end, less where it belongs. */
        #[OA\Property] public float $stepped_error_mm,
    ) {
    }
}
