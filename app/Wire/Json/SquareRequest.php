<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** What was measured of a frame, as typed; nothing at all asks what to expect. */
#[OA\Schema]
final readonly class SquareRequest
{
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        /** pixels of the photo; null when there are only sizes */
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
        #[OA\Property(enum: ['drawing', 'sheet', 'print'])] public ?string $which,
        /** The diagonal that falls to the right. */
        #[OA\Property] public ?string $falling,
        #[OA\Property] public ?string $rising,
        #[OA\Property] public ?string $top,
        #[OA\Property] public ?string $bottom,
        #[OA\Property] public ?string $left,
        #[OA\Property] public ?string $right,
    ) {
    }
}
