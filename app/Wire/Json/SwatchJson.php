<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What was read of a pencil off a page of swatches, to be kept or not. */
#[OA\Post(
    path: '/api/drawings/{drawing}/swatches',
    operationId: 'readSwatches',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(properties: [new OA\Property(property: 'photo', type: 'string', format: 'binary')], type: 'object'))),
    responses: [new OA\Response(response: 200, description: 'Read; nothing is kept yet.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SwatchJson::class))), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Post(
    path: '/api/drawings/{drawing}/rehearsed-swatches',
    operationId: 'rehearseSwatches',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Read off a page that the simulated camera took, filled in with colours of its own.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SwatchJson::class))), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class SwatchJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $firm,
        #[OA\Property] public ?string $soft,
        #[OA\Property] public string $says,
    ) {
    }
}
