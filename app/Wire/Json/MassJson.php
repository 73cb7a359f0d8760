<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One flat shape. Places are shares of the crop's width and height. */
#[OA\Schema]
final readonly class MassJson
{
    public function __construct(
        /** @var list<list<array{float, float}>> its outline and those of the holes in it, each closed; filled even-odd. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))))] public array $rings,
        /** The grey as light as it is on the mean. */
        #[OA\Property(example: '#777777')] public string $grey,
        /** Of the crop, 0…1. */
        #[OA\Property] public float $share,
    ) {
    }
}
