<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** How picture and paper are made to agree. */
#[OA\Schema]
final readonly class FitChoice
{
    public function __construct(
        #[OA\Property(enum: ['crop', 'inset', 'cells', 'stretch'])] public string $way,
        /** Share of the photo’s width left of the crop, 0…1; null centres it. */
        #[OA\Property] public ?float $left,
        /** Share of the photo’s height above the crop, 0…1; null centres it. */
        #[OA\Property] public ?float $top,
        /** Side of the crop against the largest of its shape, 0.05…1. */
        #[OA\Property] public float $size,
        /** How far along the extended diagonal an inset reaches, 0.05…1. */
        #[OA\Property] public float $inset,
        /** Side of a whole cell on the paper. */
        #[OA\Property] public string $cell,
        /** At most so many whole cells across; null takes all that fit. */
        #[OA\Property] public ?int $columns,
        #[OA\Property] public ?int $rows,
    ) {
    }
}
