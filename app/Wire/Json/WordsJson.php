<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The words on packets and tools. */
#[OA\Get(
    path: '/api/instruments/words',
    operationId: 'words',
    parameters: [],
    responses: [new OA\Response(response: 200, description: 'Grades, leads, tools.', content: new OA\JsonContent(ref: WordsJson::class))],
)]
#[OA\Schema]
final readonly class WordsJson
{
    /**
     * @param  list<GradeJson>  $grades
     * @param  list<string>  $leads
     * @param  list<ToolJson>  $tools
     * @param  array<string, string>  $bases
     * @param  list<CautionJson>  $cautions
     */
    public function __construct(
        /** From the hardest to the softest. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: GradeJson::class))] public array $grades,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $leads,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ToolJson::class))] public array $tools,
        /** What the sheets are called that pounds are told by. */
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public array $bases,
        /** All that can hurt, in one place. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionJson::class))] public array $cautions,
    ) {
    }
}
