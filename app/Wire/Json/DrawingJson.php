<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A drawing as it stands. */
#[OA\Schema]
final readonly class DrawingJson
{
    public function __construct(
        #[OA\Property] public string $id,
        /** Name it in the next save. */
        #[OA\Property] public int $version,
        /** Null when there are only sizes. */
        #[OA\Property] public ?PhotoJson $photo,
        #[OA\Property] public WorkingsJson $workings,
        /** In force. */
        #[OA\Property] public LineColourJson $line,
        #[OA\Property] public string $line_reason,
        /** @var list<string> The photo’s main tones, lightest first, as CSS colours. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $tones,
        /** @var list<CellNoteJson> Of the mesh in force. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CellNoteJson::class))] public array $cells,
        /** Places noted before that are no cells here; they are kept with the picture. */
        #[OA\Property] public int $kept,
        /** Grows with every change, by hand too. */
        #[OA\Property] public int $edits,
        /** What undo takes back. */
        #[OA\Property] public ?string $undo,
        /** What redo brings back. */
        #[OA\Property] public ?string $redo,
        /** What there is to be said of the change that led here. */
        #[OA\Property] public string $said,
    ) {
    }
}
