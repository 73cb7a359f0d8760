<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Grid\Hairlines;
use OpenApi\Attributes as OA;

/** A cell that is cut finer: its lines as shares of the crop, and where they lie on every ruler. */
#[OA\Schema]
final readonly class DividedJson
{
    /**
     * @param  list<float>  $across
     * @param  list<float>  $down
     * @param  list<ReadingsJson>  $readings_across
     * @param  list<ReadingsJson>  $readings_down
     */
    public function __construct(
        #[OA\Property] public int $column,
        #[OA\Property] public int $row,
        #[OA\Property] public int $parts,
        #[OA\Property(enum: Hairlines::class)] public string $hairlines,
        #[OA\Property] public string $address,
        /** How far its lines reach, as shares of the crop. */
        #[OA\Property] public float $left,
        #[OA\Property] public float $right,
        #[OA\Property] public float $top,
        #[OA\Property] public float $bottom,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $across,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $down,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReadingsJson::class))] public array $readings_across,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReadingsJson::class))] public array $readings_down,
    ) {
    }
}
