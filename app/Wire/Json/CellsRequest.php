<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What is noted of several cells alike. */
#[OA\Schema]
final readonly class CellsRequest
{
    /** @param  list<int>  $cells  row × columns + column */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $cells,
        #[OA\Property(enum: ['done', 'empty', 'open'])] public ?string $state,
        #[OA\Property] public ?bool $doubtful,
        #[OA\Property] public ?string $words,
    ) {
    }
}
