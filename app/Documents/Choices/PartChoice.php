<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** A part of the crop; shares of it. */
#[OA\Schema]
final readonly class PartChoice
{
    public function __construct(
        #[OA\Property] public string $left,
        #[OA\Property] public string $top,
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
    ) {
    }
}
