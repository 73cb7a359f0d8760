<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One row of an edge's full list of marks. */
#[OA\Schema]
final readonly class MarkRowJson
{
    public function __construct(
        /** `0` is the frame’s edge, `2 1/3` a finer line between the second and the third. */
        #[OA\Property] public string $name,
        /** The gridline; null for a finer line. */
        #[OA\Property] public ?int $line,
        #[OA\Property] public ?ReadingJson $print,
        #[OA\Property] public ReadingJson $area,
        #[OA\Property] public ReadingJson $sheet,
        /** What stepping the first cell along would be off by, in words; null where that does no harm. */
        #[OA\Property] public ?string $stepped,
    ) {
    }
}
