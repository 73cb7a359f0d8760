<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Where a picture is parted into light and shadow, and how cleanly. */
#[OA\Schema]
final readonly class PartingJson
{
    public function __construct(
        /** L* */
        #[OA\Property] public float $at,
        #[OA\Property] public string $words,
    ) {
    }
}
