<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A pointed-at place, in words on both boards. */
#[OA\Post(
    path: '/api/point',
    operationId: 'point',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PointRequest::class)),
    responses: [new OA\Response(response: 200, description: 'What the rulers say where the pointer is.', content: new OA\JsonContent(ref: PointJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class PointJson
{
    public function __construct(
        /** Its address. */
        #[OA\Property] public string $cell,
        #[OA\Property] public ReadingsJson $across,
        #[OA\Property] public ReadingsJson $down,
        /** What a plumb line through it meets, from the top, and a level one, from the left; null where nothing. */
        #[OA\Property] public ?string $plumb,
        #[OA\Property] public ?string $level,
    ) {
    }
}
