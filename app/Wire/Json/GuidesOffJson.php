<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Finish\GuidesOff;
use InchLadder\Marks\EndUse;
use OpenApi\Attributes as OA;

/** When the guides come off: one choice, that every rung says alike. */
#[OA\Schema]
final readonly class GuidesOffJson
{
    /** @param  list<StartJson>  $ways */
    public function __construct(
        /** What is chosen, or common under the medium. */
        #[OA\Property(enum: GuidesOff::class)] public string $chosen,
        #[OA\Property] public string $says,
        /** What so becomes of guide lines. */
        #[OA\Property(enum: EndUse::class)] public string $use,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $ways,
    ) {
    }
}
