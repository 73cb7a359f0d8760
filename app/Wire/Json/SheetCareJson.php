<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Paper\Surface;
use OpenApi\Attributes as OA;

/** What the sheet's surface stands, and what is seen to before it is marked. */
#[OA\Schema]
final readonly class SheetCareJson
{
    /**
     * @param  list<StartJson>  $setup
     * @param  list<string>  $kit
     */
    public function __construct(
        /** As chosen, or as its colour makes likely. */
        #[OA\Property(enum: Surface::class)] public string $surface,
        #[OA\Property] public string $says,
        /** Whether the drawing is better made apart and carried over. */
        #[OA\Property] public bool $apart,
        #[OA\Property] public string $advice,
        /** What is seen to before it is marked. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StartJson::class))] public array $setup,
        /** What is laid ready for a sitting. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $kit,
        /** That a trial sheet is not the last one; null for others. */
        #[OA\Property] public ?string $purpose,
    ) {
    }
}
