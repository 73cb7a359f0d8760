<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A library Inch Ladder is built from. */
#[OA\Schema]
final readonly class LibraryJson
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $version,
        /** SPDX names. */
        #[OA\Property] public string $licence,
    ) {
    }
}
