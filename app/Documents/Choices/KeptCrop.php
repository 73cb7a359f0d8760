<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** A crop kept to be compared, and to be reopened. */
#[OA\Schema]
final readonly class KeptCrop
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public FitChoice $fit,
    ) {
    }
}
