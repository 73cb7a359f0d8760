<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Models\Drawing;
use OpenApi\Attributes as OA;

/** What was done by hand is kept; how far it can be taken back. */
#[OA\Schema]
final readonly class NotedJson
{
    public function __construct(
        #[OA\Property] public int $version,
        /** Grows with every change, by hand too. */
        #[OA\Property] public int $edits,
        #[OA\Property] public ?string $undo,
        #[OA\Property] public ?string $redo,
    ) {
    }

    public static function of(Drawing $drawing): self
    {
        return new self($drawing->version, $drawing->edits, ...$drawing->steps());
    }
}
