<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Things\ShapeKind;
use OpenApi\Attributes as OA;

/** An oval, a box or a triangle laid over the picture. */
#[OA\Schema]
final readonly class ShapeChoice
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(enum: ShapeKind::class)] public string $kind,
        /** Its centre and the ends of its half axes along its width and its height, in shares of the picture as its file has it: `0.5 0.5, 0.6 0.5, 0.5 0.3`. */
        #[OA\Property] public string $places,
    ) {
    }
}
