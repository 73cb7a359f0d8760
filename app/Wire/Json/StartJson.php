<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One way to go through the cells, and why one might. */
#[OA\Schema]
final readonly class StartJson
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $label,
        #[OA\Property] public string $reason,
    ) {
    }
}
