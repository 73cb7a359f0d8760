<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One step of marking out. */
#[OA\Schema]
final readonly class MarkingStepJson
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $name,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $words,
        /** @var list<MarkingTickJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkingTickJson::class))] public array $ticks,
    ) {
    }
}
