<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** One rung: what was decided, in a few words, and the sums behind it. */
#[OA\Schema]
final readonly class RungJson
{
    public function __construct(
        #[OA\Property] public string $decision,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sums,
    ) {
    }
}
