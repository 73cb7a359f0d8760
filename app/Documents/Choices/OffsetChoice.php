<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** From the sheet’s edges to the drawing area, as typed; null is the margin. */
#[OA\Schema]
final readonly class OffsetChoice
{
    public function __construct(
        #[OA\Property] public ?string $left,
        #[OA\Property] public ?string $top,
    ) {
    }
}
