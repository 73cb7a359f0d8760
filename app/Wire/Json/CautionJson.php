<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Something to be minded; waved away by its name in the choices. */
#[OA\Schema]
final readonly class CautionJson
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $says,
    ) {
    }
}
