<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Notes in the order they were made: all are kept, or none. */
#[OA\Schema]
final readonly class NotesRequest
{
    /** @param  list<NoteRequest>  $notes */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: NoteRequest::class))] public array $notes,
    ) {
    }
}
