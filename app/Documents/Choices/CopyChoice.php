<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Copying\Detail;
use InchLadder\Copying\Naming;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Start;
use InchLadder\Copying\Working;
use OpenApi\Attributes as OA;

/** How the cells are gone through. */
#[OA\Schema]
final readonly class CopyChoice
{
    public function __construct(
        #[OA\Property(enum: Start::class)] public string $start,
        #[OA\Property(enum: Working::class)] public string $working,
        /** The pass that is on, where one goes round in passes. */
        #[OA\Property(enum: Pass::class)] public string $pass,
        /** Drawn in ink from the start: each crossing is gone through before a cell is done. */
        #[OA\Property] public bool $ink,
        /** Whether things are told by their names, or as shapes. */
        #[OA\Property(enum: Naming::class)] public string $naming,
        /** How much is drawn; null for what is common under the medium. */
        #[OA\Property(enum: Detail::class)] public ?string $detail,
        /** How far the outlines of masses are straightened: 0 as they run, 5 into few segments. */
        #[OA\Property(minimum: 0, maximum: 5)] public int $straight,
        /** @var list<string> cautions that were read and waved away. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $waved,
        /** @var list<CorrectionChoice> what the hand said of crossings and contours. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CorrectionChoice::class))] public array $corrections,
    ) {
    }
}
