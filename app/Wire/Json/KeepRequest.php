<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** What is to be kept, taken from these choices. */
#[OA\Schema]
final readonly class KeepRequest
{
    public function __construct(
        #[OA\Property(enum: ['paper', 'ruler', 'grid'])] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property] public ChoicesJson $choices,
        /** pixels of the photo; null when there are only sizes */
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
    ) {
    }
}
