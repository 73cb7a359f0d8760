<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** One length on the photo and on the paper, and what follows for another. */
#[OA\Get(
    path: '/api/instruments/scale',
    operationId: 'quickScale',
    parameters: [new OA\Parameter(name: 'photo', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'paper', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'length', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'part', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'unit', in: 'query', schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 200, description: 'What follows.', content: new OA\JsonContent(ref: QuickScaleJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class QuickScaleJson
{
    /** @param  list<string>  $lines */
    public function __construct(
        /** `×1 1/2` */
        #[OA\Property] public string $factor,
        /** The length asked for on the photo, and what becomes of it on the paper, in mm; to be drawn. */
        #[OA\Property] public float $photo_mm,
        #[OA\Property] public float $paper_mm,
        /** On the paper, at a graduation of either ruler. */
        #[OA\Property] public LengthJson $inches,
        #[OA\Property] public LengthJson $centimetres,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $lines,
    ) {
    }
}
