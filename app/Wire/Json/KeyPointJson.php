<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A key point as it lies in the crop and on the paper. */
#[OA\Schema]
final readonly class KeyPointJson
{
    public function __construct(
        #[OA\Property] public string $name,
        /** Share of the crop; beyond 0…1 when it is cropped away. */
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public bool $inside,
        #[OA\Property] public bool $cross,
        /** Whether it is settled; else it may still move. */
        #[OA\Property] public bool $firm,
        /** How many measures it takes: none on a crossing of the grid, one on a line. */
        #[OA\Property(minimum: 0, maximum: 2)] public int $measures,
        /** Its cell; null when it is cropped away, or lies beside a grid over a part. */
        #[OA\Property] public ?string $cell,
        #[OA\Property] public ReadingsJson $across,
        #[OA\Property] public ReadingsJson $down,
        /** How far it is from the gridlines nearest to it, the shorter reach first. */
        #[OA\Property] public string $nearest,
        /** How it misses the crossing of thirds it is nearest to. */
        #[OA\Property] public string $thirds,
        /** From where the axes meet, on the paper, right and down plus; null without axes. */
        #[OA\Property] public ?string $plotted,
        /** Whether it lies where it is held on the sheet, or by how much it misses that; null when it is not held. */
        #[OA\Property] public ?string $pinned,
    ) {
    }
}
