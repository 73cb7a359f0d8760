<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A damaged database that was put aside, and that nothing was taken over from yet. */
#[OA\Schema]
final readonly class WaitingJson
{
    public function __construct(
        /** Of its folder, in the data folder. */
        #[OA\Property] public string $name,
        #[OA\Property] public string $says,
    ) {
    }
}
