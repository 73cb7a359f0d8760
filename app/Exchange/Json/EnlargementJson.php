<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** A size thought of, held against the true enlargements. */
#[OA\Schema]
final readonly class EnlargementJson
{
    /** @param  list<string>  $sentences */
    public function __construct(
        #[OA\Property] public bool $true,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sentences,
    ) {
    }
}
