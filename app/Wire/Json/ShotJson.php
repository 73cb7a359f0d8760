<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How the drawing stood at one shot. */
#[OA\Schema]
final readonly class ShotJson
{
    public function __construct(
        /** Of its picture. */
        #[OA\Property] public string $id,
        #[OA\Property] public string $taken,
        /** The pass that was on, in words; null where there was none. */
        #[OA\Property] public ?string $pass,
        /** What it told first; or why it cannot be judged. */
        #[OA\Property] public string $says,
        #[OA\Property] public bool $good_enough,
        /** The misfit, typically and at most; null where nothing was measured. */
        #[OA\Property] public ?float $typical_mm,
        #[OA\Property] public ?float $largest_mm,
        /** The same in words. */
        #[OA\Property] public string $misfit,
    ) {
    }
}
