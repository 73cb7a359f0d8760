<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Layout\Hand;
use InchLadder\Plan\NextStep;
use OpenApi\Attributes as OA;

/** What comes next on a drawing: where it is done, the button that leads there, and the sentence beside it. */
#[OA\Get(
    path: '/api/drawings/{drawing}/next',
    operationId: 'next',
    parameters: [
        new OA\Parameter(ref: '#/components/parameters/drawing'),
        new OA\Parameter(name: 'step', in: 'query', description: 'The step it is asked on.', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string', enum: Hand::class)),
    ],
    responses: [new OA\Response(response: 200, description: 'What comes next.', content: new OA\JsonContent(ref: NextJson::class))],
)]
#[OA\Schema]
final readonly class NextJson
{
    public function __construct(
        #[OA\Property(enum: NextStep::class)] public string $does,
        /** The name of the button. */
        #[OA\Property] public string $button,
        #[OA\Property] public string $says,
    ) {
    }
}
