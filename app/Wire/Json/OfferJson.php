<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Whole squares that would suit, after what the artist's own fit was chosen for has changed. */
#[OA\Schema]
final readonly class OfferJson
{
    public function __construct(
        /** `48 squares of 3.5 cm would fit whole.` */
        #[OA\Property] public string $sentence,
        #[OA\Property] public TakenPlanJson $plan,
    ) {
    }
}
