<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A cell that may be next, and how much of it is known from those beside it. */
#[OA\Schema]
final readonly class KnownJson
{
    public function __construct(
        #[OA\Property] public int $cell,
        /** Crossings that are known, of how many. */
        #[OA\Property(example: '3 of 5')] public string $words,
    ) {
    }
}
