<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The record of a drawing. */
#[OA\Get(
    path: '/api/drawings/{drawing}/log',
    operationId: 'log',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Its sittings, and what they left open.', content: new OA\JsonContent(ref: LogJson::class))],
)]
#[OA\Put(
    path: '/api/drawings/{drawing}/sitting',
    operationId: 'sit',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SitRequest::class)),
    responses: [new OA\Response(response: 204, description: 'Kept.'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Put(
    path: '/api/drawings/{drawing}/sittings/{sitting}',
    operationId: 'lesson',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'sitting', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(properties: [new OA\Property(property: 'lesson', type: 'string')], type: 'object', required: ['lesson'])),
    responses: [new OA\Response(response: 204, description: 'Kept.'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class LogJson
{
    /**
     * @param  list<SittingJson>  $sittings
     * @param  list<WorkedJson>  $parts
     * @param  list<array{float, int}>  $progress
     * @param  list<string>  $passes
     * @param  list<string>  $open
     * @param  list<string>  $waved
     */
    public function __construct(
        /** The last first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: SittingJson::class))] public array $sittings,
        #[OA\Property] public string $time,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WorkedJson::class))] public array $parts,
        /** Minutes worked until then, and cells done; in passes, those through the one that is on. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $progress,
        /** The pass that is on. */
        #[OA\Property] public ?string $pass,
        /** How far each pass is. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $passes,
        /** What was left open, and is carried to the next sitting. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $open,
        /** Cautions that were waved away. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $waved,
    ) {
    }
}
