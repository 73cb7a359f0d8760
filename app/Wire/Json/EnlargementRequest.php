<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** A size thought of for the picture. */
#[OA\Schema]
final readonly class EnlargementRequest
{
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        /** pixels of the photo; null when there are only sizes */
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
        /** As typed: `25x20 cm`. */
        #[OA\Property] public string $size,
    ) {
    }
}
