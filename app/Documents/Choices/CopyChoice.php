<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** How the cells are gone through. */
#[OA\Schema]
final readonly class CopyChoice
{
    public function __construct(
        #[OA\Property(enum: ['corner', 'middle', 'outside', 'focal', 'easiest', 'hardest', 'joined'])] public string $start,
    ) {
    }
}
