<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Halves, thirds and quarters of one length, as its ruler reads. */
#[OA\Get(
    path: '/api/drawings/{drawing}/shares',
    operationId: 'shares',
    parameters: [new OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'Halves, thirds and quarters of every side and cell.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SharesJson::class)))],
)]
#[OA\Schema]
final readonly class SharesJson
{
    public function __construct(
        #[OA\Property] public string $of,
        #[OA\Property] public string $length,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $shares,
        /** @var list<string> the reading of each; ≈ before one that is rounded */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $readings,
    ) {
    }
}
