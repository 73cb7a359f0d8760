<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A place in the crop and its tone. */
#[OA\Schema]
final readonly class ToneSpotJson
{
    public function __construct(
        /** Shares of the crop. */
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        /** CSS colour of the place itself. */
        #[OA\Property] public string $colour,
        /** Step of the tone bar. */
        #[OA\Property] public int $step,
        #[OA\Property] public string $words,
    ) {
    }
}
