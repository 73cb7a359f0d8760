<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Sheets of one standard, the largest first. */
#[OA\Schema]
final readonly class PaperFamilyJson
{
    /** @param  list<PaperSizeJson>  $sheets */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PaperSizeJson::class))] public array $sheets,
    ) {
    }
}
