<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How the strokes of a cell run on the paper. */
#[OA\Get(
    path: '/api/drawings/{drawing}/strokes',
    operationId: 'strokes',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Of every cell in which anything runs one way.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: StrokesJson::class)))],
)]
#[OA\Schema]
final readonly class StrokesJson
{
    public function __construct(
        #[OA\Property] public int $column,
        #[OA\Property] public int $row,
        /** The way they run, clockwise from the right, −90…90. */
        #[OA\Property] public float $degrees,
        /** From one to the next, on the paper. */
        #[OA\Property] public float $spacing_mm,
        /** Whether a hand set them, rather than that they were read. */
        #[OA\Property] public bool $by_hand,
        #[OA\Property] public string $says,
    ) {
    }
}
