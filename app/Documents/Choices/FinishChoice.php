<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Transfer;
use OpenApi\Attributes as OA;

/** How the drawing is brought to its end. */
#[OA\Schema]
final readonly class FinishChoice
{
    /** @param  list<string>  $done */
    public function __construct(
        #[OA\Property(enum: Medium::class)] public string $medium,
        /** When the guides come off; null for what is common under the medium. */
        #[OA\Property(enum: GuidesOff::class)] public ?string $guides,
        /** How the study is carried to the good sheet; null where it is not. */
        #[OA\Property(enum: Transfer::class)] public ?string $transfer,
        /** Keys of what was ticked. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $done,
        /** One line, for the next drawing. */
        #[OA\Property] public string $lesson,
    ) {
    }
}
