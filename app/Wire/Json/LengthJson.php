<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A length: millimetres, the same exactly, and as read in the drawing’s unit. */
#[OA\Schema]
final readonly class LengthJson
{
    public function __construct(
        #[OA\Property] public float $mm,
        #[OA\Property] public string $exact,
        #[OA\Property] public string $text,
    ) {
    }
}
