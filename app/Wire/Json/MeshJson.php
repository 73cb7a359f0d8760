<?php

declare(strict_types=1);

namespace App\Wire\Json;

use InchLadder\Grid\Density;
use OpenApi\Attributes as OA;

/** How fine a grid could be, and what that costs and gives. */
#[OA\Post(
    path: '/api/meshes',
    operationId: 'meshes',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ChoicesRequest::class)),
    responses: [new OA\Response(response: 200, description: 'How fine the grid could be.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MeshJson::class)))],
)]
#[OA\Schema]
final readonly class MeshJson
{
    public function __construct(
        #[OA\Property] public int $columns,
        #[OA\Property] public int $rows,
        #[OA\Property] public int $lines,
        #[OA\Property] public int $cells,
        #[OA\Property] public string $cell,
        #[OA\Property] public string $time,
        /** What copying its cells takes at one’s own pace so far; null until that is known. */
        #[OA\Property] public ?string $copying,
        /** What an eye that is a tenth of a cell out draws wrong, on the paper. */
        #[OA\Property] public string $error,
        /** Which of the three that are offered first; null for the others. */
        #[OA\Property(nullable: true, enum: Density::class)] public ?string $density,
        #[OA\Property] public PlanPictureJson $picture,
        /** Whether the grid is this one. */
        #[OA\Property] public bool $chosen,
        /** Of whole squares: the plan that is taken up for it. Null where a count of columns is enough. */
        #[OA\Property] public ?TakenPlanJson $plan,
    ) {
    }
}
