<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Colour\Kind;
use OpenApi\Attributes as OA;

/** A pencil that is owned, and what it leaves on white. */
#[OA\Get(
    path: '/api/pencils',
    operationId: 'pencils',
    responses: [new OA\Response(response: 200, description: 'All that are on the list, by name.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PencilJson::class)))],
)]
#[OA\Post(
    path: '/api/pencils',
    operationId: 'keepPencil',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PencilRequest::class)),
    responses: [new OA\Response(response: 201, description: 'Kept.', content: new OA\JsonContent(ref: PencilJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Delete(
    path: '/api/pencils/{pencil}',
    operationId: 'forgetPencil',
    parameters: [new OA\Parameter(name: 'pencil', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 204, description: 'Taken off the list.')],
)]
#[OA\Schema]
final readonly class PencilJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property(enum: Kind::class)] public string $kind,
        /** `#rrggbb`, pressed firmly; null until it was looked at. */
        #[OA\Property] public ?string $firm,
        /** The same, laid lightly. */
        #[OA\Property] public ?string $soft,
        #[OA\Property] public string $says,
    ) {
    }
}
