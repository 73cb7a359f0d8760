<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** A place on the sheet where a point must come to lie. */
#[OA\Schema]
final readonly class PinChoice
{
    public function __construct(
        /** From the sheet’s left edge, with its unit. */
        #[OA\Property] public string $left,
        /** From the sheet’s top edge. */
        #[OA\Property] public string $top,
    ) {
    }
}
