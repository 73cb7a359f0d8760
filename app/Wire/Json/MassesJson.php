<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The big shapes of what is drawn, as many as the level of detail wants and as straight as is wished. Places are shares of the crop's width and height. */
#[OA\Get(
    path: '/api/drawings/{drawing}/masses',
    operationId: 'masses',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Flat shapes, and the lines to find the way by.', content: new OA\JsonContent(ref: MassesJson::class)), new OA\Response(response: 404, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class MassesJson
{
    public function __construct(
        /** @var list<MassJson> the largest first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MassJson::class))] public array $all,
        /** @var list<list<array{float, float}>> each line between two of them, once. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))))] public array $outlines,
        /** @var list<list<array{float, float}>> inner lines to find the way by. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))))] public array $locators,
    ) {
    }
}
