<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The version an undo or redo was asked from. */
#[OA\Schema]
final readonly class StepRequest
{
    public function __construct(
        #[OA\Property] public int $version,
        /** As many edits as were known; left out, it is not asked. */
        #[OA\Property] public ?int $edits,
    ) {
    }
}
