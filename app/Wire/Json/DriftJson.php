<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How a place moved from shot to shot. */
#[OA\Schema]
final readonly class DriftJson
{
    /** @param  list<float|null>  $off_mm */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public bool $critical,
        /** How far off it was at each shot, the oldest first; null where it was not measured. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number', nullable: true))] public array $off_mm,
        /** Where it stands now, and since when it drifted. */
        #[OA\Property] public string $says,
        /** Whether it drifted since the shot before. */
        #[OA\Property] public bool $drifted,
    ) {
    }
}
