<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One proportion, on the photo and on the drawing. */
#[OA\Schema]
final readonly class ProportionJson
{
    public function __construct(
        /** What is measured, named. */
        #[OA\Property] public string $name,
        #[OA\Property] public string $photo,
        /** Null where it was not measured. */
        #[OA\Property] public ?string $drawing,
        #[OA\Property] public bool $passes,
    ) {
    }
}
