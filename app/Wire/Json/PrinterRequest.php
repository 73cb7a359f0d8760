<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Measure\Unit;
use OpenApi\Attributes as OA;

/** A printer to keep, in place of another of its name. */
#[OA\Schema]
final readonly class PrinterRequest
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $paper,
        #[OA\Property] public string $border,
        #[OA\Property(enum: Unit::class)] public string $unit,
        /** Both bars or neither; as typed. */
        #[OA\Property] public string $measured_across,
        #[OA\Property] public string $measured_down,
    ) {
    }
}
