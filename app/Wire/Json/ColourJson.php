<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The colour of a place, and what comes near to it. */
#[OA\Get(
    path: '/api/drawings/{drawing}/colours/at',
    operationId: 'colourAt',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'x', in: 'query', required: true, schema: new OA\Schema(type: 'number')), new OA\Parameter(name: 'y', in: 'query', required: true, schema: new OA\Schema(type: 'number'))],
    responses: [new OA\Response(response: 200, description: 'The colour of one place; shares of the crop.', content: new OA\JsonContent(ref: ColourJson::class)), new OA\Response(response: 404, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class ColourJson
{
    /**
     * @param  list<LaidJson>  $near
     * @param  list<LaidJson>  $greys
     * @param  list<string>  $notes
     */
    public function __construct(
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public string $colour,
        #[OA\Property] public string $words,
        /** CIE L*C*h. */
        #[OA\Property] public string $numbers,
        /** The same, stronger: so that pale and reflected colours are told. */
        #[OA\Property] public string $stronger,
        #[OA\Property] public string $complement,
        #[OA\Property] public string $across,
        /** Of the pencils that are owned: the nearest alone, then the nearest two. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LaidJson::class))] public array $near,
        /** As dark, in grey: plain, then of two. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LaidJson::class))] public array $greys,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $notes,
        /** CSS colour of the sheet they are shown on. */
        #[OA\Property] public string $ground,
    ) {
    }
}
