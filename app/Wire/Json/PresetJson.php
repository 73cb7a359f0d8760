<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** A paper, a ruler or a grid kept under a name; its content is laid into choices as it is. */
#[OA\Get(
    path: '/api/keepsakes',
    operationId: 'keepsakes',
    responses: [new OA\Response(response: 200, description: 'All that is kept, by name.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PresetJson::class)))],
)]
#[OA\Post(
    path: '/api/keepsakes',
    operationId: 'keepThing',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: KeepRequest::class)),
    responses: [new OA\Response(response: 201, description: 'Kept, in place of another of this name.', content: new OA\JsonContent(ref: PresetJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Put(
    path: '/api/keepsakes/{keepsake}',
    operationId: 'countSheets',
    parameters: [new OA\Parameter(name: 'keepsake', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: CountRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Counted.', content: new OA\JsonContent(ref: PresetJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Delete(
    path: '/api/keepsakes/{keepsake}',
    operationId: 'forgetThing',
    parameters: [new OA\Parameter(name: 'keepsake', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
    responses: [new OA\Response(response: 204, description: 'Forgotten.')],
)]
#[OA\Schema]
final readonly class PresetJson
{
    /** @param  array<string, mixed>  $content */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(enum: ['paper', 'ruler', 'grid'])] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'object', additionalProperties: true)] public array $content,
        /** Sheets that are left of a paper; null where they are not counted. */
        #[OA\Property] public ?int $left,
        /** That there are few; null where there are enough. */
        #[OA\Property] public ?string $low,
    ) {
    }
}
