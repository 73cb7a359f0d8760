<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** Gridlines as shares of the crop, 0 and 1 included, and the labels between them. */
#[OA\Schema]
final readonly class LinesJson
{
    public function __construct(
        /** @var list<float> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $across,
        /** @var list<float> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $down,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $columns,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $rows,
        /** Whether what remains at the right is kept as a narrower last column. */
        #[OA\Property] public bool $partial_column,
        #[OA\Property] public bool $partial_row,
    ) {
    }
}
