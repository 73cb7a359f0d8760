<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What came out wrong together, once the whole is taken off. */
#[OA\Schema]
final readonly class MovedGroupJson
{
    /** @param  list<string>  $points */
    public function __construct(
        /** The thing’s name; of neighbours without one, the names of their places. */
        #[OA\Property] public string $name,
        #[OA\Property] public float $right_mm,
        #[OA\Property] public float $down_mm,
        #[OA\Property] public float $turn_degrees,
        #[OA\Property] public float $size_percent,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $points,
    ) {
    }
}
