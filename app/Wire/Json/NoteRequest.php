<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What was noted of cells by one key, on a device that keeps it until it is sent. */
#[OA\Schema]
final readonly class NoteRequest
{
    /** @param  list<int>  $cells  row × columns + column */
    public function __construct(
        /** By which it is known: sent again under the same, it is not noted again. */
        #[OA\Property(pattern: '^[\w-]{1,64}$')] public string $key,
        /** The name of the cells, as the workings’ grid has it; one from before a change is understood. */
        #[OA\Property(pattern: '^\d{1,3}x\d{1,3}(-[0-9a-f]{8})?$', example: '5x7-1f3870be')] public ?string $mesh,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $cells,
        /** Seconds since it was done. */
        #[OA\Property(minimum: 0, maximum: 604800)] public ?int $ago,
        #[OA\Property(enum: ['done', 'empty', 'open'])] public ?string $state,
        /** Through how many passes it has been; instead of a state. */
        #[OA\Property(minimum: 0, maximum: 3)] public ?int $reached,
        #[OA\Property] public ?bool $doubtful,
        #[OA\Property] public ?string $words,
    ) {
    }
}
