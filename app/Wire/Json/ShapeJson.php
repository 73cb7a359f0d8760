<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Things\ShapeKind;
use OpenApi\Attributes as OA;

/** A shape laid over the picture, as it lies in the crop and on the paper. */
#[OA\Schema]
final readonly class ShapeJson
{
    /**
     * @param  list<array{float, float}>  $outline
     * @param  array{float, float}  $middle
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(enum: ShapeKind::class)] public string $kind,
        #[OA\Property] public bool $inside,
        /** Places in shares of the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $outline,
        /** Its centre, in shares of the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $middle,
        /** Its centre, from the drawing's top left corner and from the sheet's edges. */
        #[OA\Property] public string $centre,
        #[OA\Property] public string $size,
        #[OA\Property] public string $tilt,
    ) {
    }
}
