<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Copying\Start;
use OpenApi\Attributes as OA;

/** How the cells are gone through. */
#[OA\Schema]
final readonly class CopyChoice
{
    public function __construct(
        #[OA\Property(enum: Start::class)] public string $start,
    ) {
    }
}
