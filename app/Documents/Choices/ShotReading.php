<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** Where a place of the drawing is seen on a shot, set by hand. */
#[OA\Schema]
final readonly class ShotReading
{
    public function __construct(
        /** Of a key point; of the outermost place of a thing, `jug, top`. */
        #[OA\Property] public string $name,
        /** In shares of the shot, `0.25 0.5`. */
        #[OA\Property] public string $at,
    ) {
    }
}
