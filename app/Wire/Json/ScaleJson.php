<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Drawing area ÷ crop of the print; null on a screen, but for the stretch. */
#[OA\Schema]
final readonly class ScaleJson
{
    public function __construct(
        #[OA\Property] public ?string $x,
        #[OA\Property] public ?string $y,
        #[OA\Property] public ?float $percent,
        #[OA\Property] public ?string $area,
        #[OA\Property] public float $stretch_percent,
    ) {
    }
}
