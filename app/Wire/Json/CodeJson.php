<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A code that lets one device in. */
#[OA\Post(
    path: '/api/house/code',
    operationId: 'beginPairing',
    requestBody: new OA\RequestBody(required: false, content: new OA\JsonContent(properties: [new OA\Property(property: 'may_pair', type: 'boolean')])),
    responses: [new OA\Response(response: 201, description: 'Good for some minutes, once; the one before it is good no more.', content: new OA\JsonContent(ref: CodeJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Delete(
    path: '/api/house/code',
    operationId: 'endPairing',
    responses: [new OA\Response(response: 204, description: 'Good no more.')],
)]
#[OA\Schema]
final readonly class CodeJson
{
    /** @param  list<string>  $links */
    public function __construct(
        /** Six digits. */
        #[OA\Property] public string $code,
        /** The page that is opened with it, under each name of the house. */
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $links,
        #[OA\Property] public int $seconds,
    ) {
    }
}
