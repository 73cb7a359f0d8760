<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How large the reference could be printed, and what a cell would be. */
#[OA\Post(
    path: '/api/prints',
    operationId: 'prints',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ChoicesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Sizes the reference could be printed at.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PrintSizeJson::class)))],
)]
#[OA\Schema]
final readonly class PrintSizeJson
{
    public function __construct(
        #[OA\Property] public string $paper,
        #[OA\Property] public string $print,
        #[OA\Property] public string $cell,
        /** Pixels to the inch; null without a photo. */
        #[OA\Property] public ?int $per_inch,
        #[OA\Property] public bool $enough,
        /** Whether its cells are under the artist’s own minimum. */
        #[OA\Property] public bool $too_small,
    ) {
    }
}
