<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Whether something is as it should be, and what is to be said of it. */
#[OA\Schema]
final readonly class VerdictJson
{
    /** @param  list<string>  $sentences */
    public function __construct(
        #[OA\Property] public bool $good,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sentences,
    ) {
    }
}
