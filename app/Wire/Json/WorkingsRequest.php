<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Choices to work out, for a photo of so many pixels; the pointer as shares of the crop. */
#[OA\Schema]
final readonly class WorkingsRequest
{
    /** @param  array<string, mixed>|null  $how */
    public function __construct(
        #[OA\Property] public ChoicesJson $choices,
        /** pixels of the photo; null when there are only sizes */
        #[OA\Property] public ?int $wide,
        #[OA\Property] public ?int $high,
        /** Only this rung’s sums and warnings are worked out; null for all. */
        #[OA\Property] public ?string $rung,
        /** A name of Adjustments: the workings are those after it. */
        #[OA\Property] public ?string $act,
        /** What was pulled or pointed at. */
        #[OA\Property(type: 'object', additionalProperties: true)] public ?array $how,
        /** 0…1 */
        #[OA\Property] public ?float $x,
        #[OA\Property] public ?float $y,
    ) {
    }
}
