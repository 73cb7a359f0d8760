<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A change of a drawing that can be gone back to. */
#[OA\Get(
    path: '/api/drawings/{drawing}/changes',
    operationId: 'changes',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'The latest first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ChangeJson::class)))],
)]
#[OA\Post(
    path: '/api/drawings/{drawing}/changes/{position}',
    operationId: 'stepTo',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'position', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: StepRequest::class)),
    responses: [new OA\Response(response: 200, ref: '#/components/responses/Drawing'), new OA\Response(response: 409, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class ChangeJson
{
    public function __construct(
        #[OA\Property] public int $position,
        /** In words: `the grid`. */
        #[OA\Property] public string $what,
        /** When it was made, ISO 8601. */
        #[OA\Property(format: 'date-time')] public string $at,
        /** −1 for one that was made, 0 for the last of them, where the drawing stands, 1 for one that was taken back. */
        #[OA\Property(enum: [-1, 0, 1])] public int $side,
    ) {
    }
}
