<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One ruler reading: true, rounded, and by how much it is off in words. */
#[OA\Schema]
final readonly class ReadingJson
{
    public function __construct(
        /** The true value, unrounded: 1 4/7 in. */
        #[OA\Property] public string $exactly,
        #[OA\Property] public LengthJson $rounded,
        /** Rounded − exact. */
        #[OA\Property] public float $error_mm,
        #[OA\Property] public string $error,
    ) {
    }
}
