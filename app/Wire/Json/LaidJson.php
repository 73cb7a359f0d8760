<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A pencil, or two over each other, as they look on the paper. */
#[OA\Schema]
final readonly class LaidJson
{
    public function __construct(#[OA\Property] public string $colour, #[OA\Property] public string $words)
    {
    }
}
