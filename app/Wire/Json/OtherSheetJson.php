<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Another sheet for the same picture, drawn whole. */
#[OA\Post(
    path: '/api/sheets',
    operationId: 'sheets',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ChoicesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Other sheets for this picture.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OtherSheetJson::class)))],
)]
#[OA\Schema]
final readonly class OtherSheetJson
{
    public function __construct(
        /** Key in the catalogue; null for one’s own stock. */
        #[OA\Property] public ?string $key,
        #[OA\Property] public string $name,
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
        #[OA\Property] public bool $owned,
        #[OA\Property] public string $drawing,
        #[OA\Property] public string $scale,
        #[OA\Property] public float $wasted_percent,
    ) {
    }
}
