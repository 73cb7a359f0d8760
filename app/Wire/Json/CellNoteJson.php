<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What has become of a cell; cells of which there is nothing to say are not listed. */
#[OA\Schema]
final readonly class CellNoteJson
{
    public function __construct(
        /** 0-based */
        #[OA\Property] public int $column,
        #[OA\Property] public int $row,
        #[OA\Property(enum: ['done', 'empty', 'open'])] public string $state,
        /** How many passes it has been through; all of them when it is done. */
        #[OA\Property] public int $reached,
        /** To be looked at again. */
        #[OA\Property] public bool $doubtful,
        /** The artist's own, for later. */
        #[OA\Property] public string $words,
    ) {
    }
}
