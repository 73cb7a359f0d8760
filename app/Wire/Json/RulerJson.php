<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How a ruler in the drawing’s unit is ticked: one unit, and the parts it is cut in. */
#[OA\Schema]
final readonly class RulerJson
{
    public function __construct(
        #[OA\Property] public float $unit_mm,
        /** Ticks to a unit that are worth drawing. */
        #[OA\Property] public int $parts,
        /** @var list<string> rulers by their finest mark that are marked in the drawing’s unit */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $known,
    ) {
    }
}
