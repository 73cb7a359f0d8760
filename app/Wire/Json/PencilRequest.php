<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Colour\Kind;
use OpenApi\Attributes as OA;

/** A pencil to be kept. */
#[OA\Schema]
final readonly class PencilRequest
{
    public function __construct(
        /** Of the one that is changed; null for a new one. */
        #[OA\Property] public ?string $id,
        #[OA\Property] public string $name,
        #[OA\Property(enum: Kind::class)] public string $kind,
        #[OA\Property] public ?string $firm,
        #[OA\Property] public ?string $soft,
    ) {
    }
}
