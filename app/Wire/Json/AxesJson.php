<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Axes for plotting points: where they meet and their ticks, as shares of the crop. */
#[OA\Schema]
final readonly class AxesJson
{
    /**
     * @param  list<float>  $across
     * @param  list<float>  $down
     */
    public function __construct(
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $across,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $down,
    ) {
    }
}
