<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The place where a contour crosses one side of a cell. */
#[OA\Get(
    path: '/api/drawings/{drawing}/cells/{column}/{row}/crossing',
    operationId: 'checkCrossing',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'column', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'row', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'n', in: 'query', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'drawn', in: 'query', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'Whether it came out where it belongs.', content: new OA\JsonContent(ref: VerdictJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class CrossingJson
{
    public function __construct(
        #[OA\Property(enum: ['top', 'right', 'bottom', 'left'])] public string $side,
        /** Share of the side, from its left end or its top. */
        #[OA\Property] public float $at,
        /** @var array{float, float} the same as shares of the cell across and down. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $place,
        /** The nearest fraction an eye can judge: past 2/5. */
        #[OA\Property] public string $eye,
        /** On the paper, at the ruler's graduation. */
        #[OA\Property] public string $paper,
        /** Both, the exact share, and how far the fraction is from it. */
        #[OA\Property] public string $sentence,
        #[OA\Property] public bool $by_hand,
    ) {
    }
}
