<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
use App\Wire\FinishWriter;
use App\Wire\Json\TaskJson;
use OpenApi\Attributes as OA;

/** Bringing a drawing to its end. */
final readonly class FinishController
{
    public function __construct(private FinishWriter $writer)
    {
    }

    /** @return list<TaskJson> */
    #[OA\Get(path: '/api/drawings/{drawing}/finish', operationId: 'finish', parameters: [new OA\Parameter(ref: '#/components/parameters/drawing')], responses: [new OA\Response(response: 200, description: 'What is left to do, in its order.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: TaskJson::class)))])]
    public function __invoke(Drawing $drawing): array
    {
        return $this->writer->tasks($drawing, $drawing->plan());
    }
}
