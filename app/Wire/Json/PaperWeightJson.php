<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Paper\Basis;
use OpenApi\Attributes as OA;

/** How heavy a paper is, in both systems. */
#[OA\Get(
    path: '/api/instruments/weight',
    operationId: 'paperWeight',
    parameters: [new OA\Parameter(name: 'weight', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'basis', in: 'query', schema: new OA\Schema(type: 'string', enum: Basis::class))],
    responses: [new OA\Response(response: 200, description: 'Grams and pounds.', content: new OA\JsonContent(ref: PaperWeightJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class PaperWeightJson
{
    /** @param  list<string>  $lines */
    public function __construct(
        #[OA\Property] public float $grams,
        #[OA\Property] public float $pounds,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $lines,
    ) {
    }
}
