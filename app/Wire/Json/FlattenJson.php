<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How a shot was flattened. */
#[OA\Schema]
final readonly class FlattenJson
{
    /**
     * @param  list<array{float, float}>  $corners
     * @param  list<array{float, float}>  $sheet
     * @param  list<string>  $warnings
     */
    public function __construct(
        /** How far places that are known lie off, on the paper; 0 where four corners are all there is. */
        #[OA\Property] public float $residual_mm,
        /** The drawing area’s corners in pixels of the shot, from the top left as drawn, clockwise. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2), minItems: 4, maxItems: 4)] public array $corners,
        /** Likewise the sheet’s. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2), minItems: 4, maxItems: 4)] public array $sheet,
        /** Whether the program found them. */
        #[OA\Property] public bool $found,
        /** What keeps the shot from being judged well. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $warnings,
    ) {
    }
}
