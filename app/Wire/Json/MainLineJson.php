<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A strong edge in the picture: level, upright, or slanted from frame to frame. */
#[OA\Get(
    path: '/api/drawings/{drawing}/edges',
    operationId: 'edges',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Main lines to choose from.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MainLineJson::class)))],
)]
#[OA\Schema]
final readonly class MainLineJson
{
    public function __construct(
        #[OA\Property(enum: ['across', 'down', 'slanted'])] public string $way,
        /** Share of the crop; empty for a slanted one. */
        #[OA\Property] public string $share,
        #[OA\Property] public string $sentence,
        /** @var list<string> x, y to x, y as shares of the picture, of a slanted one; else empty */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $ends = [],
    ) {
    }
}
