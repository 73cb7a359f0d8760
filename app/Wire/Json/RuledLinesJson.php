<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Where the lines of a grid really are on the paper, read off a shot: from the sheet's edge, as one would type it. */
#[OA\Get(
    path: '/api/drawings/{drawing}/shots/{photo}/ruled',
    operationId: 'ruledLines',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/photo')],
    responses: [new OA\Response(response: 200, description: 'The lines that show.', content: new OA\JsonContent(ref: RuledLinesJson::class))],
)]
#[OA\Schema]
final readonly class RuledLinesJson
{
    /**
     * @param  list<RuledLineJson>  $across
     * @param  list<RuledLineJson>  $down
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: RuledLineJson::class))] public array $across,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RuledLineJson::class))] public array $down,
        #[OA\Property] public string $says,
    ) {
    }
}
