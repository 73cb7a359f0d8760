<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** How many sheets of a paper lie there; null where they are not counted. */
#[OA\Schema]
final readonly class CountRequest
{
    public function __construct(#[OA\Property] public ?int $count)
    {
    }
}
