<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A place where a key point would hold a long stretch of contour. */
#[OA\Get(
    path: '/api/drawings/{drawing}/unguarded',
    operationId: 'unguarded',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Those that hold most first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SuggestedPointJson::class))), new OA\Response(response: 404, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class SuggestedPointJson
{
    public function __construct(
        /** Share of the picture’s width, as a key point has it. */
        #[OA\Property] public string $x,
        #[OA\Property] public string $y,
        /** Share of the crop’s width, for the board. */
        #[OA\Property] public float $across,
        #[OA\Property] public float $down,
        /** Its cell; null beside a grid over a part. */
        #[OA\Property] public ?string $cell,
        /** Where it lies from the lines nearest to it. */
        #[OA\Property] public string $nearest,
        #[OA\Property(minimum: 0, maximum: 2)] public int $measures,
    ) {
    }
}
