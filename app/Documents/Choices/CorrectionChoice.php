<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Copying\Told;
use OpenApi\Attributes as OA;

/** A crossing or contour set right by hand. Places are shares of the picture as its file has it: `0.25 0.5, 0.3 0.625`. */
#[OA\Schema]
final readonly class CorrectionChoice
{
    public function __construct(
        #[OA\Property(enum: Told::class)] public string $what,
        /** A place of what was seen; null for a new one. */
        #[OA\Property] public ?string $was,
        /** Where it is, place by place; empty when there is none. */
        #[OA\Property] public string $now,
    ) {
    }
}
