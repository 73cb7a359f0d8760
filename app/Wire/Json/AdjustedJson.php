<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Choices after something was done to them, and what is to be said of it. */
#[OA\Post(
    path: '/api/adjust',
    operationId: 'adjust',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: AdjustRequest::class)),
    responses: [new OA\Response(response: 200, description: 'The choices after it.', content: new OA\JsonContent(ref: AdjustedJson::class))],
)]
#[OA\Schema]
final readonly class AdjustedJson
{
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        #[OA\Property] public string $said,
    ) {
    }
}
