<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** The contours of what is drawn from, to be laid over the drawing. */
#[OA\Get(
    path: '/api/drawings/{drawing}/contours',
    operationId: 'contours',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Every contour in the crop.', content: new OA\JsonContent(ref: ContoursJson::class))],
)]
#[OA\Schema]
final readonly class ContoursJson
{
    /** @param  list<list<array{float, float}>>  $lines */
    public function __construct(
        /** Place after place of each, in shares of the crop. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)))] public array $lines,
    ) {
    }
}
