<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Choices to keep, and the version they were made from. */
#[OA\Schema]
final readonly class SaveRequest
{
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        #[OA\Property] public int $version,
    ) {
    }
}
