<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A sheet or strip folded instead of measured. */
#[OA\Get(
    path: '/api/drawings/{drawing}/folding',
    operationId: 'folding',
    parameters: [new OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'The creases, in their order.', content: new OA\JsonContent(ref: FoldingJson::class))],
)]
#[OA\Schema]
final readonly class FoldingJson
{
    public function __construct(
        /** Whether the creases are the grid's own lines. */
        #[OA\Property] public bool $fits,
        #[OA\Property] public string $says,
        /** @var list<string> What is folded: the sheet or strips, the print as it is or trimmed to the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $what,
        /** Width ÷ height of what is folded. */
        #[OA\Property] public float $ratio,
        /** @var list<FoldJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: FoldJson::class))] public array $folds,
    ) {
    }
}
