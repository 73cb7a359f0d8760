<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** A grid already ruled with other counts, line by line against this one. */
#[OA\Schema]
final readonly class RuledJson
{
    /** @param  list<string>  $sentences */
    public function __construct(
        #[OA\Property] public bool $agrees,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sentences,
    ) {
    }
}
