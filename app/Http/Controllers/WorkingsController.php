<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BestPlan;
use App\Http\Requests\ChoicesInput;
use App\Wire\Json\WorkingsJson;
use App\Wire\Json\WorkingsRequest;
use App\Wire\PlanWriter;
use Illuminate\Http\JsonResponse;
use InchLadder\Plan\Plan;
use OpenApi\Attributes as OA;

final class WorkingsController
{
    #[OA\Post(path: '/api/workings', operationId: 'workings', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WorkingsRequest::class)), responses: [new OA\Response(response: 200, description: 'Everything that follows.', content: new OA\JsonContent(ref: WorkingsJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')])]
    public function __invoke(ChoicesInput $request): JsonResponse
    {
        $read = BestPlan::read($request->choices(), $request->pixels('wide'), $request->pixels('high'));

        return new JsonResponse((new PlanWriter(Plan::of($read->choices)))->workings($read->json, $request->point(), $request->rung()));
    }
}
