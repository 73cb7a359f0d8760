<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One tick to make, line to rule, or look to take. */
#[OA\Schema]
final readonly class MarkingTickJson
{
    public function __construct(
        #[OA\Property] public string $key,
        /** The gridline; null for a look. */
        #[OA\Property(nullable: true)] public ?int $line,
        /** Large, to be read at the easel. */
        #[OA\Property] public string $reads,
        /** Beneath it: the rounding, or where a short ruler is laid. */
        #[OA\Property] public string $more,
        /** As it is called out. */
        #[OA\Property] public string $spoken,
        /** Where it starts on the board, as shares from its top left; null for a look. */
        #[OA\Property(ref: BoxJson::class, nullable: true)] public ?BoxJson $at,
        #[OA\Property] public bool $done,
    ) {
    }
}
