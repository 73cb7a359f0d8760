<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What is to be said of the data folder. */
#[OA\Get(
    path: '/api/keeping',
    operationId: 'keeping',
    responses: [new OA\Response(response: 200, description: 'What is to be said of the data folder.', content: new OA\JsonContent(ref: KeepingJson::class))],
)]
#[OA\Post(
    path: '/api/keeping/{name}',
    operationId: 'takeOver',
    parameters: [new OA\Parameter(name: 'name', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'What could be read of it was taken over.', content: new OA\JsonContent(ref: KeepingJson::class))],
)]
#[OA\Delete(
    path: '/api/keeping/{name}',
    operationId: 'decline',
    parameters: [new OA\Parameter(name: 'name', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'It is offered no more. Its folder stays.', content: new OA\JsonContent(ref: KeepingJson::class))],
)]
#[OA\Schema]
final readonly class KeepingJson
{
    /**
     * @param  list<WaitingJson>  $waiting
     * @param  list<string>  $warnings
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: WaitingJson::class))] public array $waiting,
        /** What needs the eye: a damaged database, backups that fail or are missing. */
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $warnings,
        /** What came of the last request; empty when nothing was asked. */
        #[OA\Property] public string $said,
    ) {
    }
}
