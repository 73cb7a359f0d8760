<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** A note pinned to a rung or a pass. */
#[OA\Schema]
final readonly class PinnedNote
{
    public function __construct(
        /** The rung by its key, `marks`; of Copy also with the pass, `copy detail`. */
        #[OA\Property(pattern: '^[a-z]{3,12}( (place|refine|detail))?$', example: 'copy detail')] public string $at,
        #[OA\Property(maxLength: 200)] public string $words,
    ) {
    }
}
