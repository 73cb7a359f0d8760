<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One cell to copy: its empty twin on the paper, and what is seen in it on the photo. */
#[OA\Get(
    path: '/api/drawings/{drawing}/cells/{column}/{row}',
    operationId: 'cellToCopy',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/column'), new OA\Parameter(ref: '#/components/parameters/row')],
    responses: [new OA\Response(response: 200, description: 'One cell.', content: new OA\JsonContent(ref: CellJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class CellJson
{
    public function __construct(
        #[OA\Property] public string $address,
        /** On the paper, in words. */
        #[OA\Property] public string $size,
        /** Where it begins on the sheet, in words. */
        #[OA\Property] public string $place,
        /** Narrower than the others, from what remains. */
        #[OA\Property] public bool $partial,
        /** Into how many parts each side is cut. */
        #[OA\Property] public int $parts,
        /** @var list<TickJson> along its top, from the left. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: TickJson::class))] public array $across,
        /** @var list<TickJson> along its left side, from the top. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: TickJson::class))] public array $down,
        /** @var list<CellPointJson> key points that lie in it. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CellPointJson::class))] public array $points,
        /** @var list<CrossingJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CrossingJson::class))] public array $crossings,
        /** @var list<CourseJson> those that matter most first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CourseJson::class))] public array $courses,
        /** @var list<string> what its key points lie in line with. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $in_line,
        /** @var list<string> what looks odd here and is right. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $odd,
        /** @var list<string> what a voice calls out, one after another. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $aloud,
        /** What should be looked at again before the cell is called done; null when nothing is. */
        #[OA\Property] public ?string $unsaid,
    ) {
    }
}
