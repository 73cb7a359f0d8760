<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Models\Drawing;
use App\Wording\Phrases;
use OpenApi\Attributes as OA;

/** What was done by hand is kept; how far it can be taken back. */
#[OA\Put(
    path: '/api/drawings/{drawing}/cells/{column}/{row}',
    operationId: 'cell',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/column'), new OA\Parameter(ref: '#/components/parameters/row')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: CellRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Noted.', content: new OA\JsonContent(ref: NotedJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Put(
    path: '/api/drawings/{drawing}/cells',
    operationId: 'cells',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: CellsRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Noted.', content: new OA\JsonContent(ref: NotedJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Put(
    path: '/api/drawings/{drawing}/notes',
    operationId: 'notes',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: NotesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Noted.', content: new OA\JsonContent(ref: NotedJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class NotedJson
{
    /** @param  list<OvertakenJson>  $overtaken */
    public function __construct(
        #[OA\Property] public int $version,
        /** Grows with every change, by hand too. */
        #[OA\Property] public int $edits,
        #[OA\Property] public ?string $undo,
        #[OA\Property] public ?string $redo,
        /** Notes that are older than what is known, and were not taken. */
        #[OA\Property(items: new OA\Items(ref: OvertakenJson::class))] public array $overtaken,
    ) {
    }

    /** @param  list<OvertakenJson>  $overtaken */
    public static function of(Drawing $drawing, array $overtaken = []): self
    {
        [$undo, $redo] = array_map(Phrases::step(...), $drawing->steps());

        return new self($drawing->version, $drawing->edits, $undo, $redo, $overtaken);
    }
}
