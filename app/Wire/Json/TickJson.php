<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A mark along a side of a cell. */
#[OA\Schema]
final readonly class TickJson
{
    public function __construct(
        /** Share of the side. */
        #[OA\Property] public float $at,
        /** The ruler's reading, without its unit. */
        #[OA\Property] public string $text,
    ) {
    }
}
