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
