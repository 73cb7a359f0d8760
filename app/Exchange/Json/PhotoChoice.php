<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** The reference: worked from a screen, or a print with a measured size. */
#[OA\Schema]
final readonly class PhotoChoice
{
    public function __construct(
        #[OA\Property(enum: ['screen', 'print'])] public string $kind,
        /** As typed, with its unit; null on a screen. */
        #[OA\Property] public ?string $width,
        #[OA\Property] public ?string $height,
        /** Whether the artist keeps a print size whose shape is not the photo’s. */
        #[OA\Property] public bool $agreed,
    ) {
    }
}
