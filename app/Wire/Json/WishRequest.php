<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Choices to plan for, and what a plan must be like. */
#[OA\Schema]
final readonly class WishRequest
{
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        /** pixels of the photo; null when there are only sizes */
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
        #[OA\Property] public ?bool $never_trim,
        #[OA\Property] public ?bool $whole_sheet,
        /** As typed; empty for any. */
        #[OA\Property] public ?string $most_lines,
        /** As typed; empty for any. */
        #[OA\Property] public ?string $least_cell,
    ) {
    }
}
