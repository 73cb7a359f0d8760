<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Something that can be chosen, and what it is called. */
#[OA\Schema]
final readonly class NamedJson
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $name,
    ) {
    }
}
