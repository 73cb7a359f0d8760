<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One round of folding: all the creases that halve what is there. */
#[OA\Schema]
final readonly class FoldJson
{
    public function __construct(
        /** Creases that run down, made by folding across; or the other way. */
        #[OA\Property(enum: ['across', 'down'])] public string $way,
        #[OA\Property] public string $name,
        /** @var list<string> */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $words,
        /** @var list<CreaseJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CreaseJson::class))] public array $creases,
        /** @var list<float> what is creased already, the same way */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number', format: 'float'))] public array $before,
        /** @var list<float> what is creased the other way, and crossed */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number', format: 'float'))] public array $crossed,
    ) {
    }
}
