<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Colour\Kind;
use OpenApi\Attributes as OA;

/** A box of pencils, or one of them, as it is typed. */
#[OA\Schema]
final readonly class PencilBoxRequest
{
    public function __construct(
        /** `2H to 6B`, `crimson #a02030, leaf green`, `chalk 1 to 24`, `12` */
        #[OA\Property] public string $box,
        #[OA\Property(enum: Kind::class)] public string $kind,
    ) {
    }
}
