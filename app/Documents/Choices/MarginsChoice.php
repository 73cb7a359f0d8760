<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** What is kept free on each side of the sheet, as typed, with units. */
#[OA\Schema]
final readonly class MarginsChoice
{
    public function __construct(
        #[OA\Property] public string $top,
        #[OA\Property] public string $right,
        #[OA\Property] public string $bottom,
        #[OA\Property] public string $left,
    ) {
    }
}
