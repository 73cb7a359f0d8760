<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Copying\Pass;
use OpenApi\Attributes as OA;

/** Work that was done since it was told of last. */
#[OA\Schema]
final readonly class SitRequest
{
    public function __construct(
        #[OA\Property] public string $rung,
        /** The pass that is on, in Copy. */
        #[OA\Property(enum: Pass::class)] public ?string $pass,
        #[OA\Property(minimum: 1, maximum: 120)] public int $seconds,
    ) {
    }
}
