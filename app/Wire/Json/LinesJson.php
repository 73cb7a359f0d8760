<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Gridlines as shares of the crop, 0 and 1 included, and the names of what lies between them. */
#[OA\Schema]
final readonly class LinesJson
{
    /**
     * @param  list<float>  $across
     * @param  list<float>  $down
     * @param  list<string>  $columns
     * @param  list<string>  $rows
     * @param  list<string>  $addresses
     * @param  list<int>  $partial_columns
     * @param  list<int>  $partial_rows
     * @param  list<int>  $spared
     * @param  list<OverlayJson>  $overlays
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $across,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $down,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $columns,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $rows,
        /** Every cell’s, row by row from the top left. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $addresses,
        /** Columns that are narrower, from what remains; 0-based. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $partial_columns,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $partial_rows,
        /** Cells that need no copying: row × columns + column. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $spared,
        /** Whether corner is joined to corner. */
        #[OA\Property] public bool $diagonals,
        #[OA\Property] public ?AxesJson $axes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OverlayJson::class))] public array $overlays,
    ) {
    }
}
