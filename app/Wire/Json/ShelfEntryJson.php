<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Paper\Purpose;
use OpenApi\Attributes as OA;

/** A drawing on the shelf. */
#[OA\Get(
    path: '/api/drawings',
    operationId: 'shelf',
    parameters: [
        new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'from', in: 'query', schema: new OA\Schema(type: 'integer', minimum: 0)),
        new OA\Parameter(name: 'search', in: 'query', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'sort', in: 'query', schema: new OA\Schema(type: 'string', enum: ['touched', 'name'])),
    ],
    responses: [new OA\Response(
        response: 200,
        description: 'A page of the shelf.',
        content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ShelfEntryJson::class)),
    )],
)]
#[OA\Schema]
final readonly class ShelfEntryJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $title,
        #[OA\Property] public ?PhotoJson $photo,
        /** What follows the address of its preview. */
        #[OA\Property] public string $query,
        /** Of the whole picture, width ÷ height. */
        #[OA\Property] public float $shape,
        #[OA\Property] public CropJson $crop,
        #[OA\Property] public LinesJson $lines,
        #[OA\Property] public LineColourJson $line,
        /** Sheet and scale in words. */
        #[OA\Property] public string $decision,
        /** Cells there is something to draw in. */
        #[OA\Property] public int $cells,
        #[OA\Property] public int $done,
        /** Where the work goes on. */
        #[OA\Property] public string $rung,
        /** What to do next, in words. */
        #[OA\Property] public string $next,
        /** The name of the button that leads there. */
        #[OA\Property] public string $button,
        /** Whether nothing is left to do. */
        #[OA\Property] public bool $finished,
        /** When it was last changed, ISO 8601. */
        #[OA\Property] public string $touched,
        /** The one to name when it is taken back. */
        #[OA\Property] public int $version,
        /** The same for all sheets of one drawing; null where it has one. */
        #[OA\Property] public ?string $work = null,
        /** What this sheet is for. */
        #[OA\Property(enum: Purpose::class)] public ?string $purpose = null,
        /** Why this drawing cannot be opened as it stands; null when it can. */
        #[OA\Property] public ?string $trouble = null,
        /** What undo would take back; null when there is nothing. */
        #[OA\Property] public ?string $undo = null,
    ) {
    }
}
