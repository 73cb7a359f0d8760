<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A named thing as it lies in the crop and on the paper. */
#[OA\Schema]
final readonly class ThingJson
{
    /** @param  array{float, float}  $middle */
    public function __construct(
        #[OA\Property] public string $name,
        /** Whether any of it lies in the crop. */
        #[OA\Property] public bool $inside,
        /** @var list<ThingPieceJson> its outline; shares of the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ThingPieceJson::class))] public array $pieces,
        /** Its middle, to be named at. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number', format: 'float'), minItems: 2, maxItems: 2)] public array $middle,
        /** Share of the drawing, and size on the paper. */
        #[OA\Property] public string $size,
        /** @var list<string> how far out it reaches, side by side, and in which cells. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $extremes,
        /** @var list<string> where it leaves the drawing, and near misses. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $edges,
    ) {
    }
}
