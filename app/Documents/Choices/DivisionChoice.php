<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Grid\Hairlines;
use OpenApi\Attributes as OA;

/** A cell that is cut finer. */
#[OA\Schema]
final readonly class DivisionChoice
{
    public function __construct(
        /** 0-based */
        #[OA\Property] public int $column,
        /** 0-based */
        #[OA\Property] public int $row,
        /** 2, 3 or 4 */
        #[OA\Property] public int $parts,
        /** How far its lines reach. */
        #[OA\Property(enum: Hairlines::class)] public string $hairlines,
    ) {
    }
}
