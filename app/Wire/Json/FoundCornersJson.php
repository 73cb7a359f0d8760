<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Where a sheet lies on a shot. */
#[OA\Post(
    path: '/api/drawings/{drawing}/shots/{photo}/corners',
    operationId: 'findSheet',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/photo')],
    responses: [new OA\Response(response: 200, description: 'The sheet’s corners.', content: new OA\JsonContent(ref: FoundCornersJson::class))],
)]
#[OA\Get(
    path: '/api/drawings/{drawing}/page',
    operationId: 'findPage',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'The corners of the page that was photographed as a reference.', content: new OA\JsonContent(ref: FoundCornersJson::class))],
)]
#[OA\Post(
    path: '/api/drawings/{drawing}/squared',
    operationId: 'squareUp',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(properties: [
        new OA\Property(property: 'corners', type: 'string', description: 'As a shot keeps them.'),
        new OA\Property(property: 'shape', type: 'string', description: 'Of the page, as typed; empty where nobody knows.'),
        new OA\Property(property: 'even', type: 'boolean'),
    ], required: ['corners', 'shape', 'even'])),
    responses: [new OA\Response(response: 201, description: 'A drawing of the squared copy.', content: new OA\JsonContent(ref: DrawingJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class FoundCornersJson
{
    public function __construct(
        /** In shares of the shot, clockwise from the top left as it is drawn, as a shot keeps them. */
        #[OA\Property] public string $corners,
        /** Whether they were found; else they are a start for the hand. */
        #[OA\Property] public bool $found,
        /** Why not; null where they were. */
        #[OA\Property] public ?string $says,
    ) {
    }
}
