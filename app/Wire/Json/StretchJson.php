<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Fit\Stretched;
use OpenApi\Attributes as OA;

/** How far the two axes’ scales differ, and what to think of it. */
#[OA\Schema]
final readonly class StretchJson
{
    public function __construct(
        #[OA\Property(enum: Stretched::class)] public string $verdict,
        #[OA\Property] public string $words,
        /** What a circle becomes: its width ÷ its height. */
        #[OA\Property] public float $circle,
    ) {
    }
}
