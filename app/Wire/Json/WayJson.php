<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Fit\Stretched;
use InchLadder\Fit\Way;
use OpenApi\Attributes as OA;

/** One way of making the two agree, and what it costs on either side. */
#[OA\Post(
    path: '/api/ways',
    operationId: 'ways',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ChoicesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'The four ways to make picture and paper agree.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WayJson::class)))],
)]
#[OA\Schema]
final readonly class WayJson
{
    public function __construct(
        #[OA\Property(enum: Way::class)] public string $way,
        #[OA\Property] public string $name,
        /** Why it cannot be had; null when it can. */
        #[OA\Property] public ?string $trouble,
        #[OA\Property] public string $size,
        #[OA\Property] public string $scale,
        /** What is trimmed from the photo, in per cent and off each side. */
        #[OA\Property] public string $trimmed,
        #[OA\Property] public string $leftover,
        #[OA\Property] public string $stretch,
        #[OA\Property(enum: Stretched::class)] public string $verdict,
        /** What it costs, in a few words. */
        #[OA\Property] public string $cost,
        #[OA\Property(nullable: true)] public ?PlanPictureJson $picture,
    ) {
    }
}
