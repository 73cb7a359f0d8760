<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Grid\Corner;
use InchLadder\Grid\Labels;
use InchLadder\Grid\Overlay;
use InchLadder\Grid\Remainder;
use OpenApi\Attributes as OA;

/** The school of grid, its size, its labels and its lines. */
#[OA\Schema]
final readonly class GridChoice
{
    /**
     * @param  list<string>  $main_across
     * @param  list<string>  $main_down
     * @param  list<DivisionChoice>  $divided
     * @param  list<string>  $overlays
     */
    public function __construct(
        /** A key of SchoolCatalogue. */
        #[OA\Property] public string $school,
        /** 1…60 */
        #[OA\Property] public int $columns,
        /** 1…60, for equal parts. */
        #[OA\Property] public int $rows,
        /** Side of a square, for squares by measure. */
        #[OA\Property] public string $cell,
        /** Which board the measure is taken on. */
        #[OA\Property(enum: ['paper', 'print'])] public string $on,
        /** What becomes of the strip that squares leave over. */
        #[OA\Property(enum: Remainder::class)] public string $remainder,
        #[OA\Property(enum: Labels::class)] public string $labels,
        /** Where columns are counted from. */
        #[OA\Property(enum: Corner::class)] public string $corner,
        /** Key of a line colour; null follows the advice. */
        #[OA\Property] public ?string $colour,
        #[OA\Property] public WeightsChoice $weights,
        /** 2, 4, 8 or 16 */
        #[OA\Property] public int $fold_columns,
        #[OA\Property] public int $fold_rows,
        /** Where the axes meet, as shares of the crop. */
        #[OA\Property] public string $x,
        #[OA\Property] public string $y,
        /** From tick to tick of the axes, on the paper. */
        #[OA\Property] public string $tick,
        /** Upright main lines, as shares of the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $main_across,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $main_down,
        /** Own upright lines, lengths from the left with commas between. */
        #[OA\Property] public string $own_across,
        #[OA\Property] public string $own_down,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DivisionChoice::class))] public array $divided,
        /** The part of the crop it is wanted over; null for all of it. */
        #[OA\Property] public ?PartChoice $part,
        /** Lines laid over to judge by. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Overlay::class))] public array $overlays,
    ) {
    }
}
