<?php

declare(strict_types=1);

namespace App\Exchange\Json;

use OpenApi\Attributes as OA;

/** The halves and quarters of the paper’s cell as read off the ruler, from its top left corner. */
#[OA\Schema]
final readonly class CellJson
{
    public function __construct(
        /** @var list<LengthJson> ¼, ½, ¾ and the whole. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LengthJson::class))] public array $across,
        /** @var list<LengthJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LengthJson::class))] public array $down,
        #[OA\Property] public string $size,
    ) {
    }
}
