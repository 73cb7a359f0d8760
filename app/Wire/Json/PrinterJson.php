<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A printer in reach, and what it makes of lengths. */
#[OA\Schema]
final readonly class PrinterJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        /** A catalogue name or a size. */
        #[OA\Property] public string $paper,
        /** Kept free on each side. */
        #[OA\Property] public string $border,
        /** As its calibration page has it. */
        #[OA\Property] public string $bar_across,
        #[OA\Property] public string $bar_down,
        /** As it was read off the printed page; null until then. */
        #[OA\Property(nullable: true)] public ?string $measured_across,
        #[OA\Property(nullable: true)] public ?string $measured_down,
        #[OA\Property] public string $says,
    ) {
    }
}
