<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use OpenApi\Attributes as OA;

/** A key point on the reference. */
#[OA\Schema]
final readonly class PointChoice
{
    public function __construct(
        #[OA\Property] public string $name,
        /** Share of the picture’s width, `0.25` or `1/4`. */
        #[OA\Property] public string $x,
        #[OA\Property] public string $y,
        /** Whether a focal cross is drawn through it. */
        #[OA\Property] public bool $cross,
        /** Whether it is settled: it holds while others may still move, and is what they are checked from. */
        #[OA\Property] public bool $firm,
        /** Whether it must never drift: it is asked for again after each pass. */
        #[OA\Property] public bool $critical,
        /** Where it came out on the drawing, by the ruler; null where it was not measured. */
        #[OA\Property] public ?DrawnChoice $drawn,
        /** Where on the sheet it is held; null leaves it free. The first point that is held, holds. */
        #[OA\Property] public ?PinChoice $pin,
    ) {
    }
}
