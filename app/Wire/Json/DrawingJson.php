<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Measure\Unit;
use OpenApi\Attributes as OA;

/** A drawing as it stands. */
#[OA\Post(
    path: '/api/archives',
    operationId: 'import',
    requestBody: new OA\RequestBody(content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['photo'], properties: [new OA\Property(property: 'photo', type: 'string', format: 'binary')]))),
    responses: [new OA\Response(response: 201, ref: '#/components/responses/Drawing'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Post(
    path: '/api/drawings',
    operationId: 'begin',
    requestBody: new OA\RequestBody(content: [
        new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['photo'], properties: [new OA\Property(property: 'photo', type: 'string', format: 'binary'), new OA\Property(property: 'unit', type: 'string', enum: Unit::class)])),
        // From the original's size alone, as typed.
        new OA\MediaType(mediaType: 'application/json', schema: new OA\Schema(required: ['width', 'height'], properties: [new OA\Property(property: 'width', type: 'string'), new OA\Property(property: 'height', type: 'string'), new OA\Property(property: 'unit', type: 'string', enum: Unit::class)])),
    ]),
    responses: [new OA\Response(response: 201, ref: '#/components/responses/Drawing'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Get(
    path: '/api/drawings/{drawing}',
    operationId: 'drawing',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, ref: '#/components/responses/Drawing'), new OA\Response(response: 404, ref: '#/components/responses/Trouble')],
)]
#[OA\Put(
    path: '/api/drawings/{drawing}',
    operationId: 'decide',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SaveRequest::class)),
    responses: [new OA\Response(response: 200, ref: '#/components/responses/Drawing'), new OA\Response(response: 409, ref: '#/components/responses/Trouble'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Post(
    path: '/api/drawings/{drawing}/undo',
    operationId: 'undo',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: StepRequest::class)),
    responses: [new OA\Response(response: 200, ref: '#/components/responses/Drawing'), new OA\Response(response: 409, ref: '#/components/responses/Trouble')],
)]
#[OA\Post(
    path: '/api/drawings/{drawing}/redo',
    operationId: 'redo',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: StepRequest::class)),
    responses: [new OA\Response(response: 200, ref: '#/components/responses/Drawing'), new OA\Response(response: 409, ref: '#/components/responses/Trouble')],
)]
#[OA\Post(
    path: '/api/drawings/{drawing}/duplicate',
    operationId: 'duplicate',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 201, ref: '#/components/responses/Drawing'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Delete(
    path: '/api/drawings/{drawing}',
    operationId: 'bin',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 204, description: 'In the bin.')],
)]
#[OA\Post(
    path: '/api/drawings/{drawing}/restore',
    operationId: 'restore',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, ref: '#/components/responses/Drawing')],
)]
#[OA\Schema]
final readonly class DrawingJson
{
    public function __construct(
        #[OA\Property] public string $id,
        /** Name it in the next save. */
        #[OA\Property] public int $version,
        /** Null when there are only sizes. */
        #[OA\Property] public ?PhotoJson $photo,
        #[OA\Property] public WorkingsJson $workings,
        /** In force. */
        #[OA\Property] public LineColourJson $line,
        #[OA\Property] public string $line_reason,
        /** @var list<string> The photo’s main tones, lightest first, as CSS colours. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $tones,
        /** @var list<CellNoteJson> Of the mesh in force. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CellNoteJson::class))] public array $cells,
        /** Places noted before that are no cells here; they are kept with the picture. */
        #[OA\Property] public int $kept,
        /** Grows with every change, by hand too. */
        #[OA\Property] public int $edits,
        /** What undo takes back. */
        #[OA\Property] public ?string $undo,
        /** What redo brings back. */
        #[OA\Property] public ?string $redo,
        /** @var list<OfSeveralJson> The sheets of this drawing, itself among them; empty where it is the only one. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: OfSeveralJson::class))] public array $sheets,
        /** What there is to be said of the change that led here. */
        #[OA\Property] public string $said,
    ) {
    }
}
