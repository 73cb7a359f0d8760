<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One box of the tone bar, and how much of the picture belongs in it. */
#[OA\Schema]
final readonly class ToneBoxJson
{
    public function __construct(
        #[OA\Property] public int $number,
        /** CSS colour to be laid in it. */
        #[OA\Property] public string $grey,
        /** What a pencil that looks so on this paper leaves on white. */
        #[OA\Property] public string $on_white,
        /** Left as bare paper. */
        #[OA\Property] public bool $paper,
        /** Share of the crop, in words; empty when there is no photo. */
        #[OA\Property] public string $share,
        /** Share of the drawing, as the last shot shows it; null without one. */
        #[OA\Property] public ?string $drawn = null,
    ) {
    }
}
