<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A device that was let in. */
#[OA\Schema]
final readonly class DeviceJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        /** When it was seen last, in words. */
        #[OA\Property] public string $seen,
        /** Whether it is the one that asks. */
        #[OA\Property] public bool $here,
        /** Whether it may let in others. */
        #[OA\Property] public bool $may_pair,
    ) {
    }
}
