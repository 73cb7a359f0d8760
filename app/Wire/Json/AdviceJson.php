<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Which way round the sheet should lie, and why. */
#[OA\Schema]
final readonly class AdviceJson
{
    public function __construct(
        #[OA\Property(enum: ['upright', 'sideways'])] public ?string $turn,
        #[OA\Property] public string $sentence,
    ) {
    }
}
