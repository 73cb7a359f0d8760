<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What is in the bin. */
#[OA\Schema]
final readonly class BinJson
{
    public function __construct(
        /** Drawings that can still be put back. */
        #[OA\Property] public int $drawings,
    ) {
    }
}
