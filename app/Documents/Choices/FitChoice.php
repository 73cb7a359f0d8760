<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Fit\Way;
use OpenApi\Attributes as OA;

/** How picture and paper are made to agree. Shares are exact, `0.25` or `1/4`. */
#[OA\Schema]
final readonly class FitChoice
{
    public function __construct(
        #[OA\Property(enum: Way::class)] public string $way,
        /** What the crop’s shape is held to. */
        #[OA\Property(enum: ['paper', 'ratio', 'free'])] public string $lock,
        /** The shape it is held to, as typed. */
        #[OA\Property] public string $ratio,
        /** Share of the picture’s width left of the crop, 0…1; null centres it. */
        #[OA\Property] public ?string $left,
        /** Share of its height above the crop, 0…1; null centres it. */
        #[OA\Property] public ?string $top,
        /** Side of the crop against the largest of its shape, 0.05…1. */
        #[OA\Property] public string $size,
        /** Of a free crop: share of the picture’s width, 0.05…1. */
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
        /** How far along the extended diagonal an inset reaches, 0.05…1. */
        #[OA\Property] public string $inset,
        /** The same as a width on the paper; goes before `inset`. */
        #[OA\Property] public ?string $inset_width,
        /** Side of a whole cell on the paper. */
        #[OA\Property] public string $cell,
        /** Side of a whole cell on the print; null makes them as large as the print takes. */
        #[OA\Property] public ?string $print_cell,
        /** At most so many whole cells across; null takes all that fit. */
        #[OA\Property] public ?int $columns,
        #[OA\Property] public ?int $rows,
        /** What was planned without being asked, and for what; null once the fit is the artist’s own. */
        #[OA\Property] public ?string $planned,
        /** What the artist’s own fit was chosen for; null while it is the planner’s. */
        #[OA\Property] public ?string $own,
    ) {
    }
}
