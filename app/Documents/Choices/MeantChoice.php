<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** A place that is drawn elsewhere on purpose; checks leave it out. */
#[OA\Schema]
final readonly class MeantChoice
{
    public function __construct(
        /** As readings name it. */
        #[OA\Property] public string $name,
        /** By how much, to the right; to the left under 0. */
        #[OA\Property] public float $right_mm,
        #[OA\Property] public float $down_mm,
    ) {
    }
}
