<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What has become of a cell; what is left out stays as it was. */
#[OA\Schema]
final readonly class CellRequest
{
    public function __construct(
        #[OA\Property(enum: ['done', 'empty', 'open'])] public ?string $state,
        /** Through how many passes it has been; instead of a state. */
        #[OA\Property(minimum: 0, maximum: 3)] public ?int $reached,
        /** To be looked at again. */
        #[OA\Property] public ?bool $doubtful,
        /** The artist’s own, for later; 200 characters at most. */
        #[OA\Property(maxLength: 200)] public ?string $words,
        /** By which the note is known: sent again under the same, it is not noted again. */
        #[OA\Property(pattern: '^[\w-]{1,64}$')] public ?string $key,
        /** The name of the cells, as the workings’ grid has it; left out, those in force. */
        #[OA\Property(example: '5x7-1f3870be')] public ?string $mesh,
        /** Seconds since it was done. */
        #[OA\Property(minimum: 0, maximum: 604800)] public ?int $ago,
    ) {
    }
}
