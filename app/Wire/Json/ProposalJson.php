<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Paper\Turn;
use OpenApi\Attributes as OA;

/** A plan whose cells are easy on both rulers. */
#[OA\Post(
    path: '/api/plans',
    operationId: 'plans',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Plans that are easy on both rulers, the best first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ProposalJson::class)))],
)]
#[OA\Schema]
final readonly class ProposalJson
{
    public function __construct(
        /** Null on a screen. */
        #[OA\Property] public ?LengthJson $photo_cell,
        #[OA\Property] public LengthJson $paper_cell,
        #[OA\Property] public int $columns,
        #[OA\Property] public int $rows,
        #[OA\Property] public ?string $scale,
        #[OA\Property] public float $trimmed_percent,
        #[OA\Property] public float $paper_used_percent,
        #[OA\Property] public int $lines,
        #[OA\Property] public string $sentence,
        /** 1 is the best. */
        #[OA\Property] public int $rank,
        /** Which way round the sheet lies for it. */
        #[OA\Property(enum: Turn::class)] public string $turn,
    ) {
    }
}
