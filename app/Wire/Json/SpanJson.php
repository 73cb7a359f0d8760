<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A span as it must be on the paper, and how the drawing's own differs. */
#[OA\Schema]
final readonly class SpanJson
{
    public function __construct(
        #[OA\Property] public string $name,
        /** Shares of the crop. */
        #[OA\Property] public float $x1,
        #[OA\Property] public float $y1,
        #[OA\Property] public float $x2,
        #[OA\Property] public float $y2,
        /** On the paper, as the ruler reads. */
        #[OA\Property] public string $paper,
        #[OA\Property] public ?string $print,
        /** On the paper, and for so much across. */
        #[OA\Property] public string $slope,
        /** How long it is against the first; null of the first itself. */
        #[OA\Property] public ?string $against,
        /** How far the drawing’s own is out; null when it was not measured. */
        #[OA\Property] public ?string $misfit,
        /** Why it looks odd and is right; null where it does not. */
        #[OA\Property] public ?string $odd,
        /** Whether that passes. */
        #[OA\Property] public ?bool $passes,
    ) {
    }
}
