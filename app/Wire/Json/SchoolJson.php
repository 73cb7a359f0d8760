<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One school of grid as it would be for this drawing. */
#[OA\Post(
    path: '/api/schools',
    operationId: 'schools',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ChoicesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'The schools side by side.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SchoolJson::class)))],
)]
#[OA\Schema]
final readonly class SchoolJson
{
    public function __construct(
        #[OA\Property] public string $school,
        #[OA\Property] public string $name,
        /** Why it cannot be had; null when it can. */
        #[OA\Property] public ?string $trouble,
        #[OA\Property] public int $lines,
        #[OA\Property] public int $cells,
        #[OA\Property] public string $largest,
        #[OA\Property] public string $time,
        #[OA\Property] public string $for,
        #[OA\Property] public string $against,
    ) {
    }
}
