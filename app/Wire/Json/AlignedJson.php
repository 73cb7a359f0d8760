<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What lies under what, or level with it: on the photo, and on the drawing. */
#[OA\Schema]
final readonly class AlignedJson
{
    public function __construct(
        #[OA\Property] public string $photo,
        #[OA\Property] public string $drawing,
        /** Whether the drawing has it as the photo. */
        #[OA\Property] public bool $same,
    ) {
    }
}
