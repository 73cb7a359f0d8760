<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A place in the crop and its tone. */
#[OA\Get(
    path: '/api/drawings/{drawing}/tones/at',
    operationId: 'probe',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'x', in: 'query', required: true, schema: new OA\Schema(type: 'number')), new OA\Parameter(name: 'y', in: 'query', required: true, schema: new OA\Schema(type: 'number')), new OA\Parameter(name: 'from_x', in: 'query', schema: new OA\Schema(type: 'number')), new OA\Parameter(name: 'from_y', in: 'query', schema: new OA\Schema(type: 'number'))],
    responses: [new OA\Response(response: 200, description: 'The tone of one place; shares of the crop.', content: new OA\JsonContent(ref: ToneSpotJson::class)), new OA\Response(response: 404, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class ToneSpotJson
{
    public function __construct(
        /** Shares of the crop. */
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        /** CSS colour of the place itself. */
        #[OA\Property] public string $colour,
        /** Step of the tone bar. */
        #[OA\Property] public int $step,
        #[OA\Property] public string $words,
        /** The cell it lies in. */
        #[OA\Property] public string $address,
        /** Where that cell lies, in shares of the crop. */
        #[OA\Property] public BoxJson $cell,
        /** How it compares with the place it was asked from; null when it was asked alone. */
        #[OA\Property] public ?string $compared = null,
    ) {
    }
}
