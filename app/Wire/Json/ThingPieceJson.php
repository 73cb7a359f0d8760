<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A piece of a thing's outline. */
#[OA\Schema]
final readonly class ThingPieceJson
{
    public function __construct(
        /** @var list<array{float, float}> shares of the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number', format: 'float')))] public array $places,
        /** Behind a thing in front of it. */
        #[OA\Property] public bool $hidden,
    ) {
    }
}
