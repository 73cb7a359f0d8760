<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** Proportional dividers, set for a ratio. */
#[OA\Get(
    path: '/api/instruments/dividers',
    operationId: 'setDividers',
    parameters: [new OA\Parameter(name: 'length', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'ratio', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'unit', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'Where the pivot sits.', content: new OA\JsonContent(ref: SetDividersJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Get(
    path: '/api/instruments/square',
    operationId: 'isSquare',
    parameters: [new OA\Parameter(name: 'width', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'height', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'falling', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'rising', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'unit', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'Whether a frame is square.', content: new OA\JsonContent(ref: VerdictJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Get(
    path: '/api/instruments/papers',
    operationId: 'papers',
    parameters: [new OA\Parameter(name: 'unit', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'Families of sheets.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PaperFamilyJson::class)))],
)]
#[OA\Schema]
final readonly class SetDividersJson
{
    /** @param  list<string>  $lines */
    public function __construct(
        /** Paper to photo. */
        #[OA\Property] public string $ratio,
        /** Tip to tip. */
        #[OA\Property] public LengthJson $length,
        /** From the short end. */
        #[OA\Property] public LengthJson $pivot,
        #[OA\Property] public float $pivot_mm,
        #[OA\Property(enum: ['short', 'long', 'either'])] public string $on_photo,
        /** The nearest setting that is marked on common ones. */
        #[OA\Property] public string $nearest,
        /** By how much that makes the drawing larger, over 0, or smaller. */
        #[OA\Property] public float $nearest_percent,
        /** All of it in words, the caution last. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $lines,
    ) {
    }
}
