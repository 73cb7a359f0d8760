<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A tool, and what will do instead. */
#[OA\Schema]
final readonly class ToolJson
{
    public function __construct(
        /** Of its picture. */
        #[OA\Property] public string $key,
        #[OA\Property] public string $name,
        #[OA\Property] public string $is,
        #[OA\Property] public string $instead,
    ) {
    }
}
