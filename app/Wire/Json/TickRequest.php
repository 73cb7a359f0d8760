<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Whether a mark is made. */
#[OA\Schema]
final readonly class TickRequest
{
    public function __construct(
        #[OA\Property] public bool $done,
    ) {
    }
}
