<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Measure\Unit;
use OpenApi\Attributes as OA;

/** Another unit to work in. */
#[OA\Schema]
final readonly class UnitOfferJson
{
    public function __construct(
        #[OA\Property(enum: Unit::class)] public string $unit,
        #[OA\Property] public string $sentence,
        /** What it is waved away by, in the choices. */
        #[OA\Property] public string $name,
    ) {
    }
}
