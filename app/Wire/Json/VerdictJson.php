<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Whether something is as it should be, and what is to be said of it. */
#[OA\Post(
    path: '/api/enlargement',
    operationId: 'enlargement',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: EnlargementRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Whether a size is a true enlargement.', content: new OA\JsonContent(ref: VerdictJson::class))],
)]
#[OA\Post(
    path: '/api/ruled',
    operationId: 'ruled',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: RuledRequest::class)),
    responses: [new OA\Response(response: 200, description: 'A ruled grid against this one.', content: new OA\JsonContent(ref: VerdictJson::class))],
)]
#[OA\Post(
    path: '/api/square',
    operationId: 'square',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SquareRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Whether the frame is square.', content: new OA\JsonContent(ref: VerdictJson::class))],
)]
#[OA\Post(
    path: '/api/measured',
    operationId: 'measured',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: MeasuredRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Whether ticks measured back are where they belong.', content: new OA\JsonContent(ref: VerdictJson::class))],
)]
#[OA\Schema]
final readonly class VerdictJson
{
    /** @param  list<string>  $sentences */
    public function __construct(
        #[OA\Property] public bool $good,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sentences,
    ) {
    }
}
