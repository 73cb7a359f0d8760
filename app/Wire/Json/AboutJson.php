<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What this is, and what it is built from. */
#[OA\Get(
    path: '/api/about',
    operationId: 'about',
    responses: [new OA\Response(response: 200, description: 'What this is.', content: new OA\JsonContent(ref: AboutJson::class))],
)]
#[OA\Schema]
final readonly class AboutJson
{
    public function __construct(
        /** Of the pages that are served; two of the same name are the same. */
        #[OA\Property] public string $version,
        /** When they were built, ISO 8601; null where they were not. */
        #[OA\Property(format: 'date-time')] public ?string $built,
        /** SPDX name of its own licence. */
        #[OA\Property] public string $licence,
        /** @var list<LibraryJson> by name. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LibraryJson::class))] public array $libraries,
    ) {
    }
}
