<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A key point in the cell: shares of it, and where it lies on the paper. */
#[OA\Schema]
final readonly class CellPointJson
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public bool $firm,
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        /** From the cell's left and its top, on the paper. */
        #[OA\Property] public string $sentence,
    ) {
    }
}
