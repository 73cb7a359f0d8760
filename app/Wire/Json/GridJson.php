<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Counts and the size of the first cell on both boards. */
#[OA\Schema]
final readonly class GridJson
{
    public function __construct(
        #[OA\Property] public int $columns,
        #[OA\Property] public int $rows,
        /** Of the cells as they lie on the picture; what is noted of them is sent with it. */
        #[OA\Property(example: '5x7-1f3870be')] public string $name,
        #[OA\Property] public SizeJson $cell,
        #[OA\Property] public ?SizeJson $photo_cell,
    ) {
    }
}
