<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One crease: `from` is brought to `to`, and it comes at `at`; all as shares of the side. */
#[OA\Schema]
final readonly class CreaseJson
{
    public function __construct(
        #[OA\Property] public float $at,
        #[OA\Property] public float $from,
        #[OA\Property] public float $to,
        /** `3/8` */
        #[OA\Property] public string $share,
    ) {
    }
}
