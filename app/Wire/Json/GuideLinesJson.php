<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How to draw guide lines so that they are found, and go when they should. */
#[OA\Get(
    path: '/api/pencil',
    operationId: 'pencil',
    parameters: [new OA\Parameter(name: 'surface', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'use', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'How to draw guide lines on it.', content: new OA\JsonContent(ref: GuideLinesJson::class))],
)]
#[OA\Schema]
final readonly class GuideLinesJson
{
    public function __construct(
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $surfaces,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $uses,
        #[OA\Property] public string $surface,
        #[OA\Property] public string $use,
        #[OA\Property] public string $pencil,
        #[OA\Property] public string $pressure,
        #[OA\Property] public string $after,
        /** Lines would harm this surface: ticks at the edges alone. */
        #[OA\Property] public bool $edges_only,
    ) {
    }
}
