<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One thing to do before the drawing is done. */
#[OA\Get(
    path: '/api/drawings/{drawing}/finish',
    operationId: 'finish',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'What is left to do, in its order.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: TaskJson::class)))],
)]
#[OA\Schema]
final readonly class TaskJson
{
    /**
     * @param  list<StartJson>  $parts
     * @param  list<CautionJson>  $cautions
     */
    public function __construct(
        #[OA\Property] public string $key,
        /** What it is called on the list. */
        #[OA\Property] public string $title,
        #[OA\Property] public string $words,
        #[OA\Property] public string $why,
        /** What it falls into, each ticked by its name. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $parts,
        /** What can hurt while it is done, but for what was put away. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionJson::class))] public array $cautions,
        /** Whether the sheet is photographed at it. */
        #[OA\Property] public bool $shot,
    ) {
    }
}
