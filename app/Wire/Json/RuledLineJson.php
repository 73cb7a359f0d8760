<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Where one line of a grid is on the paper. */
#[OA\Schema]
final readonly class RuledLineJson
{
    public function __construct(
        #[OA\Property] public int $line,
        /** From the sheet's edge, as one would type it. */
        #[OA\Property] public string $at,
    ) {
    }
}
