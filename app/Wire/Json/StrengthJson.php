<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How hard a contour is along its way through a cell. */
#[OA\Get(
    path: '/api/drawings/{drawing}/cells/{column}/{row}/strengths',
    operationId: 'strengths',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/column'), new OA\Parameter(ref: '#/components/parameters/row')],
    responses: [new OA\Response(response: 200, description: 'Of each contour, in their order.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: StrengthJson::class))), new OA\Response(response: 404, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class StrengthJson
{
    public function __construct(
        /** `hard, then soft; lost at the end: leave the line out there` */
        #[OA\Property] public string $words,
        /** @var list<StrengthStretchJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StrengthStretchJson::class))] public array $stretches,
    ) {
    }
}
