<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** How the light falls on the picture: from one place of it to another. */
#[OA\Schema]
final readonly class LightChoice
{
    public function __construct(
        /** Shares of the picture’s width and height. */
        #[OA\Property] public string $x1,
        #[OA\Property] public string $y1,
        #[OA\Property] public string $x2,
        #[OA\Property] public string $y2,
    ) {
    }
}
