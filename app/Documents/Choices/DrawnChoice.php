<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** Where a point came out on the drawing, by the ruler, from the drawing area’s edges; one reading alone tells of one axis. */
#[OA\Schema]
final readonly class DrawnChoice
{
    public function __construct(
        /** From the left edge, with its unit; null where it was not measured. */
        #[OA\Property] public ?string $left,
        /** From the top edge. */
        #[OA\Property] public ?string $top,
    ) {
    }
}
