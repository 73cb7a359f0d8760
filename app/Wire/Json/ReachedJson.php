<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What one's own pencils reach of a tone bar. */
#[OA\Schema]
final readonly class ReachedJson
{
    /** @param  list<int>  $out */
    public function __construct(
        /** Numbers of the steps beyond it. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $out,
        /** L* of the end they reach, to set the bar to. */
        #[OA\Property] public float $end,
        #[OA\Property] public string $says,
        /** What to do; null where every step is reached. */
        #[OA\Property] public ?string $advice,
    ) {
    }
}
