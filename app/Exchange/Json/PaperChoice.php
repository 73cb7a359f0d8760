<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** The sheet, the way it lies and what is kept free round it. */
#[OA\Schema]
final readonly class PaperChoice
{
    public function __construct(
        /** Key in the catalogue; null for a size of one’s own. */
        #[OA\Property] public ?string $sheet,
        /** As measured, with its unit, either way round. */
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
        #[OA\Property(enum: ['given', 'advised', 'upright', 'sideways'])] public string $turn,
        #[OA\Property(enum: ['centred', 'top left', 'top right', 'bottom left', 'bottom right'])] public string $placement,
        #[OA\Property] public MarginsChoice $margins,
    ) {
    }
}
