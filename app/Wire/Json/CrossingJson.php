<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The place where a contour crosses one side of a cell. */
#[OA\Schema]
final readonly class CrossingJson
{
    public function __construct(
        #[OA\Property(enum: ['top', 'right', 'bottom', 'left'])] public string $side,
        /** Share of the side, from its left end or its top. */
        #[OA\Property] public float $at,
        /** @var array{float, float} the same as shares of the cell across and down. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $place,
        /** The nearest fraction an eye can judge: past 2/5. */
        #[OA\Property] public string $eye,
        /** On the paper, at the ruler's graduation. */
        #[OA\Property] public string $paper,
        /** Both, the exact share, and how far the fraction is from it. */
        #[OA\Property] public string $sentence,
        #[OA\Property] public bool $by_hand,
    ) {
    }
}
