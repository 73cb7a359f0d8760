<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** A strong level or upright edge in the picture. */
#[OA\Schema]
final readonly class MainLineJson
{
    public function __construct(
        #[OA\Property(enum: ['across', 'down'])] public string $way,
        /** Share of the crop. */
        #[OA\Property] public string $share,
        #[OA\Property] public string $sentence,
    ) {
    }
}
