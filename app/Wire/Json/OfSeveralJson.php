<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Paper\Purpose;
use OpenApi\Attributes as OA;

/** A sheet of several in one drawing. */
#[OA\Post(
    path: '/api/drawings/{drawing}/sheet',
    operationId: 'anotherSheet',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: AnotherSheetRequest::class)),
    responses: [new OA\Response(response: 201, ref: '#/components/responses/Drawing'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Delete(
    path: '/api/drawings/{drawing}/sheet',
    operationId: 'takeSheetAway',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 204, description: 'In the bin; the other sheets stay.'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class OfSeveralJson
{
    public function __construct(
        #[OA\Property] public string $id,
        /** Null where nobody said. */
        #[OA\Property(enum: Purpose::class)] public ?string $purpose,
        /** Its size in words. */
        #[OA\Property] public string $size,
    ) {
    }
}
