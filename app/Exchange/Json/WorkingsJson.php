<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** Everything that follows from the choices. */
#[OA\Schema]
final readonly class WorkingsJson
{
    public function __construct(
        /** The choices as understood: units added, bounds applied. */
        #[OA\Property] public ChoicesJson $choices,
        #[OA\Property] public CropJson $crop,
        #[OA\Property] public AreaJson $drawing,
        #[OA\Property] public SizeJson $leftover,
        #[OA\Property] public ScaleJson $scale,
        /** How many times larger, as `×1 1/2`; null on a screen and under a stretch. */
        #[OA\Property] public ?string $factor,
        #[OA\Property] public GridJson $grid,
        /** The way round it lies. */
        #[OA\Property] public SizeJson $sheet,
        /** The sheet inside its margins. */
        #[OA\Property] public AreaJson $usable,
        /** The whole print, null on a screen. */
        #[OA\Property] public ?SizeJson $print,
        #[OA\Property] public AdviceJson $advice,
        #[OA\Property] public ?MismatchJson $mismatch,
        #[OA\Property] public LinesJson $lines,
        /** @var list<ReadingsJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReadingsJson::class))] public array $across,
        /** @var list<ReadingsJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReadingsJson::class))] public array $down,
        #[OA\Property] public CellJson $cell,
        #[OA\Property] public RulerJson $ruler,
        #[OA\Property] public RungsJson $rungs,
        /** Where the pointer is, when it was sent. */
        #[OA\Property] public ?PointJson $point,
    ) {
    }
}
