<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The oval or circle the drawing is clipped to: how far it reaches from the middle, as shares of the drawing's width and height. */
#[OA\Schema]
final readonly class OutlineJson
{
    public function __construct(
        #[OA\Property] public float $across,
        #[OA\Property] public float $down,
    ) {
    }
}
