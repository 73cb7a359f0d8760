<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Layout\RegionUse;
use OpenApi\Attributes as OA;

/** A part of the picture that is not drawn, or only measured by; shares of the picture. */
#[OA\Schema]
final readonly class RegionChoice
{
    public function __construct(
        #[OA\Property] public string $left,
        #[OA\Property] public string $top,
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
        #[OA\Property(enum: RegionUse::class)] public string $use,
    ) {
    }
}
