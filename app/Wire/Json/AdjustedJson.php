<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Choices after something was done to them, and what is to be said of it. */
#[OA\Schema]
final readonly class AdjustedJson
{
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        #[OA\Property] public string $said,
    ) {
    }
}
