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
    ) {
    }
}
