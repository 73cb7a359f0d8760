<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How two things stand to each other. */
#[OA\Schema]
final readonly class RelationJson
{
    public function __construct(
        /** As it is ticked by. */
        #[OA\Property] public string $key,
        #[OA\Property] public string $says,
        /** Whether it was ticked on the drawing. */
        #[OA\Property] public bool $ticked,
    ) {
    }
}
