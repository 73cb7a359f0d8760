<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What comes next on a drawing: where it is done, the button that leads there, and the sentence beside it. */
#[OA\Get(
    path: '/api/drawings/{drawing}/next',
    operationId: 'next',
    parameters: [
        new OA\Parameter(ref: '#/components/parameters/drawing'),
        new OA\Parameter(name: 'step', in: 'query', description: 'The step it is asked on.', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string', enum: ['left', 'right'])),
    ],
    responses: [new OA\Response(response: 200, description: 'What comes next.', content: new OA\JsonContent(ref: NextJson::class))],
)]
#[OA\Schema]
final readonly class NextJson
{
    public function __construct(
        #[OA\Property(enum: ['paper', 'fit', 'grid', 'marks', 'mark', 'mark on', 'copy', 'pass', 'check', 'tone', 'finish', 'rest'])] public string $does,
        /** The name of the button. */
        #[OA\Property] public string $button,
        #[OA\Property] public string $says,
        /** The address of the cell that is next; null where none is. */
        #[OA\Property(nullable: true)] public ?string $cell,
    ) {
    }
}
