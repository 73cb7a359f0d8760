<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What a sheet will be, before it is made. */
#[OA\Get(
    path: '/api/drawings/{drawing}/sheets/{kind}',
    operationId: 'aboutSheet',
    parameters: [new OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'kind', in: 'path', required: true, schema: new OA\Schema(type: 'string')), new OA\Parameter(name: 'wanted', in: 'query', style: 'form', explode: true, schema: new OA\Schema(type: 'object', additionalProperties: true))],
    responses: [new OA\Response(response: 200, description: 'How many pages it takes.', content: new OA\JsonContent(ref: SheetAboutJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class SheetAboutJson
{
    /** @param  list<string>  $spacing */
    public function __construct(
        #[OA\Property] public int $pages,
        #[OA\Property] public string $says,
        /** The spacing test, where lines are printed that will last; empty elsewhere. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $spacing,
    ) {
    }
}
