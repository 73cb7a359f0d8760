<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** A length taken on the reference. */
#[OA\Schema]
final readonly class SpanChoice
{
    public function __construct(
        #[OA\Property] public string $name,
        /** Shares of the picture’s width and height, `0.25` or `1/4`. */
        #[OA\Property] public string $x1,
        #[OA\Property] public string $y1,
        #[OA\Property] public string $x2,
        #[OA\Property] public string $y2,
        /** As measured on the drawing; null when it was not yet. */
        #[OA\Property] public ?string $drawn,
    ) {
    }
}
