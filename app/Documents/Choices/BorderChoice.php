<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** What surrounds the picture and is no part of it, as typed: `3 %`, or a length of the print. */
#[OA\Schema]
final readonly class BorderChoice
{
    public function __construct(
        #[OA\Property] public string $top,
        #[OA\Property] public string $right,
        #[OA\Property] public string $bottom,
        #[OA\Property] public string $left,
    ) {
    }
}
