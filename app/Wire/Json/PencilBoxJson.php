<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What was put on the list of a box of pencils. */
#[OA\Post(
    path: '/api/pencils/box',
    operationId: 'keepPencilBox',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PencilBoxRequest::class)),
    responses: [new OA\Response(response: 201, description: 'Kept.', content: new OA\JsonContent(ref: PencilBoxJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class PencilBoxJson
{
    /**
     * @param  list<PencilJson>  $kept
     * @param  list<string>  $says
     */
    public function __construct(
        /** Those that are new. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: PencilJson::class))] public array $kept,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $says,
    ) {
    }
}
