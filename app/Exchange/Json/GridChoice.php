<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** The school of grid, its size, its labels and its colour on the photo. */
#[OA\Schema]
final readonly class GridChoice
{
    public function __construct(
        #[OA\Property(enum: ['count', 'measure', 'proportional'])] public string $school,
        /** 1…60 */
        #[OA\Property] public int $columns,
        /** 1…60, for proportional cells. */
        #[OA\Property] public int $rows,
        /** Side of a square, for squares by measure. */
        #[OA\Property] public string $cell,
        /** Which board the measure is taken on. */
        #[OA\Property(enum: ['paper', 'print'])] public string $on,
        #[OA\Property(enum: ['letters', 'numbers'])] public string $labels,
        /** Key of a line colour; null follows the advice. */
        #[OA\Property] public ?string $colour,
    ) {
    }
}
