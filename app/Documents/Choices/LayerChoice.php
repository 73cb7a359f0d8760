<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Colour\Layer;
use OpenApi\Attributes as OA;

/** One go over an area. */
#[OA\Schema]
final readonly class LayerChoice
{
    public function __construct(
        #[OA\Property(enum: Layer::class)] public string $how,
        /** With what; empty where nothing was said. */
        #[OA\Property] public string $with,
    ) {
    }
}
