<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A sheet that can be printed. */
#[OA\Schema]
final readonly class PrintableSheetJson
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $name,
        /** What it is for. */
        #[OA\Property] public string $what,
        /** @var list<string> what can be chosen about it */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $takes,
    ) {
    }
}
