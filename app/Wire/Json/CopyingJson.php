<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The order in which this drawing's cells are copied. Cells are row × columns + column. */
#[OA\Get(
    path: '/api/drawings/{drawing}/copying',
    operationId: 'copying',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'The way through the cells.', content: new OA\JsonContent(ref: CopyingJson::class))],
)]
#[OA\Schema]
final readonly class CopyingJson
{
    public function __construct(
        /** @var list<int> every cell once. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $order,
        /** Whether the next cell is looked for from the one in hand; else the first open one in the order is. */
        #[OA\Property] public bool $goes_on,
        /** @var list<int> open cells with nothing in them to be seen. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $blank,
        /** Where this sitting goes on. */
        #[OA\Property] public int $at,
        /** The cell that was settled last; null before the first. */
        #[OA\Property] public ?int $last,
        /** What the open cells will take at this hand's own pace; null until that is known. */
        #[OA\Property] public ?string $time,
        /** @var list<StartJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $starts,
    ) {
    }
}
