<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How a board is marked out, and how far that is. */
#[OA\Get(
    path: '/api/drawings/{drawing}/marking/{board}',
    operationId: 'marking',
    parameters: [new OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'board', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'The walk, and how far it is.', content: new OA\JsonContent(ref: MarkingJson::class))],
)]
#[OA\Put(
    path: '/api/drawings/{drawing}/marking/{board}/{tick}',
    operationId: 'tickMark',
    parameters: [new OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'board', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'tick', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string'))],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: TickRequest::class)),
    responses: [new OA\Response(response: 200, description: 'The walk, and how far it is.', content: new OA\JsonContent(ref: MarkingJson::class))],
)]
#[OA\Delete(
    path: '/api/drawings/{drawing}/marking/{board}',
    operationId: 'clearMarks',
    parameters: [new OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'board', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 204, description: 'Nothing is ticked any more.')],
)]
#[OA\Schema]
final readonly class MarkingJson
{
    public function __construct(
        #[OA\Property(enum: ['paper', 'photo'])] public string $board,
        /** The corner all lengths are measured from. */
        #[OA\Property(enum: ['left', 'right'])] public string $zero,
        /** Width ÷ height of the board. */
        #[OA\Property] public float $ratio,
        /** Where the grid lies on it. */
        #[OA\Property(ref: BoxJson::class)] public BoxJson $inner,
        /** @var list<MarkingStepJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkingStepJson::class))] public array $steps,
        /** What was made before the plan changed, and lies elsewhere now; empty when nothing does. */
        #[OA\Property] public string $moved,
        /** How far what was done by hand can be taken back. */
        #[OA\Property(ref: NotedJson::class)] public NotedJson $kept,
    ) {
    }
}
