<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A setting of proportional dividers, and the drawing it makes. */
#[OA\Post(
    path: '/api/dividers',
    operationId: 'dividers',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ChoicesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Settings of proportional dividers.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DividerJson::class)))],
)]
#[OA\Schema]
final readonly class DividerJson
{
    public function __construct(
        #[OA\Property] public string $setting,
        #[OA\Property] public string $drawing,
        /** How much of the paper stays empty. */
        #[OA\Property] public float $empty_percent,
        #[OA\Property] public bool $fits,
        /** Which end goes where. */
        #[OA\Property] public string $ends,
    ) {
    }
}
