<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What was worked at, and how long. */
#[OA\Schema]
final readonly class WorkedJson
{
    public function __construct(
        /** A rung's key; `print` is the print room. */
        #[OA\Property] public string $rung,
        /** The name of the pass that was on; null where there was none. */
        #[OA\Property] public ?string $pass,
        #[OA\Property] public string $time,
    ) {
    }
}
