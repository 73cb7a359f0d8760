<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BestPlan;
use App\Http\Requests\ChoicesInput;
use App\Wire\PlanWriter;
use Illuminate\Http\JsonResponse;
use InchLadder\Plan\Plan;

final class WorkingsController
{
    public function __invoke(ChoicesInput $request): JsonResponse
    {
        $read = BestPlan::read($request->choices(), $request->pixels('wide'), $request->pixels('high'));

        return new JsonResponse((new PlanWriter(Plan::of($read->choices)))->workings($read->json, $request->point(), $request->rung()));
    }
}
