<?php

declare(strict_types=1);

namespace App\Wire\Json;

use OpenApi\Attributes as OA;

/** What governs a picture, to be looked at before a line is drawn. */
#[OA\Get(
    path: '/api/drawings/{drawing}/warm-up',
    operationId: 'warmUp',
    parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')],
    responses: [new OA\Response(response: 200, description: 'Proportions, slopes and alignments of this very picture.', content: new OA\JsonContent(ref: WarmUpJson::class))],
)]
#[OA\Schema]
final readonly class WarmUpJson
{
    /**
     * @param  list<string>  $lines
     * @param  list<string>  $alignments
     */
    public function __construct(
        /** A handful of sentences. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $lines,
        /** What lies under what or level with it, among what was marked and where contours turn: what was marked first, then the nearest. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $alignments,
    ) {
    }
}
