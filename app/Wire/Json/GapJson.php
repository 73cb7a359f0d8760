<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What is left between things, and between them and the edges: the box round it, in shares of the crop, and its size on the paper. */
#[OA\Post(
    path: '/api/gaps',
    operationId: 'gaps',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ChoicesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'The gaps, the largest first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: GapJson::class)))],
)]
#[OA\Schema]
final readonly class GapJson
{
    public function __construct(
        #[OA\Property] public float $left,
        #[OA\Property] public float $top,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[OA\Property] public string $size,
    ) {
    }
}
