<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One way to keep a thing clear of lines, or to put a line on it, and what it costs. */
#[OA\Post(
    path: '/api/clearances',
    operationId: 'clearances',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: AdjustRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Ways to keep a boxed thing clear of lines.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ClearanceJson::class)))],
)]
#[OA\Schema]
final readonly class ClearanceJson
{
    public function __construct(
        /** What is asked of the adjustment `whole` to do it; empty where there is nothing to do. */
        #[OA\Property(enum: ['', 'clear', 'upright', 'level', 'larger cells'])] public string $by,
        #[OA\Property] public string $says,
    ) {
    }
}
