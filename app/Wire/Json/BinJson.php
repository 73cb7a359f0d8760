<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What is in the bin. */
#[OA\Get(
    path: '/api/bin',
    operationId: 'binned',
    responses: [new OA\Response(response: 200, description: 'What is in the bin.', content: new OA\JsonContent(ref: BinJson::class))],
)]
#[OA\Delete(
    path: '/api/bin',
    operationId: 'emptyBin',
    responses: [new OA\Response(response: 200, description: 'Emptied, for good.', content: new OA\JsonContent(ref: BinJson::class))],
)]
#[OA\Schema]
final readonly class BinJson
{
    public function __construct(
        /** Drawings that can still be put back. */
        #[OA\Property] public int $drawings,
    ) {
    }
}
