<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** The way strokes run about a place of the picture, drawn by hand from there to another; in shares of the picture’s width and height. */
#[OA\Schema]
final readonly class StrokeChoice
{
    public function __construct(
        #[OA\Property] public string $x1,
        #[OA\Property] public string $y1,
        #[OA\Property] public string $x2,
        #[OA\Property] public string $y2,
    ) {
    }
}
