<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The drawing over time, shot by shot. */
#[OA\Get(
    path: '/api/drawings/{drawing}/shots',
    operationId: 'shots',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Every shot, the oldest first.', content: new OA\JsonContent(ref: ShotsJson::class))],
)]
#[OA\Schema]
final readonly class ShotsJson
{
    /**
     * @param  list<ShotJson>  $shots
     * @param  list<DriftJson>  $drift
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShotJson::class))] public array $shots,
        /** Critical places first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: DriftJson::class))] public array $drift,
        /** Whether it gets better; null with fewer than two shots. */
        #[OA\Property] public ?string $says,
    ) {
    }
}
