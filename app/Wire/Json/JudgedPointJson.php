<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A place of the drawing, as it is judged from a shot. */
#[OA\Schema]
final readonly class JudgedPointJson
{
    /**
     * @param  array{float, float}  $crop
     * @param  array{float, float}  $came_out
     * @param  array{float, float}  $shot
     */
    public function __construct(
        /** One of its own among the places of the drawing. */
        #[OA\Property] public string $name,
        /** What it is called. */
        #[OA\Property] public string $label,
        /** Whether the program proposed where it came out, and no hand confirmed it. */
        #[OA\Property] public bool $proposed,
        /** Whether what was proposed stands out; what is unsure has no say. */
        #[OA\Property] public bool $sure,
        /** Where it came out less where it belongs, on the paper, before the whole is taken off. */
        #[OA\Property] public float $right_mm,
        #[OA\Property] public float $down_mm,
        /** How far off it is once the whole is taken off. */
        #[OA\Property] public float $left_over_mm,
        /** By how much it may be off. */
        #[OA\Property] public float $tolerance_mm,
        #[OA\Property] public bool $within,
        /** The cell it belongs in. */
        #[OA\Property] public string $cell,
        #[OA\Property] public string $came_out_in,
        /** What is to be said of it. */
        #[OA\Property] public string $says,
        /** How much that is of what passes, of the cell, and on the ruler. */
        #[OA\Property] public string $amounts,
        /** Moved on purpose; left out of what is judged. */
        #[OA\Property] public bool $meant,
        /** Asked for again after each pass. */
        #[OA\Property] public bool $critical,
        /** Where it belongs, in shares of the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)] public array $crop,
        /** Where it came out, in shares of the drawing area. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)] public array $came_out,
        /** Where it is seen, in pixels of the shot. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)] public array $shot,
        /** The same in shares of the shot, as a reading keeps it. */
        #[OA\Property] public string $at,
    ) {
    }
}
