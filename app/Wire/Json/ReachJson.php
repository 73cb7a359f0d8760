<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A key point as it is carried over with dividers. */
#[OA\Schema]
final readonly class ReachJson
{
    public function __construct(
        #[OA\Property] public string $name,
        /** From the nearest lines, the shorter reach first. */
        #[OA\Property] public string $reach,
        /** From two points that stand by then; null where no two of them fix it well. */
        #[OA\Property] public ?string $arcs,
    ) {
    }
}
