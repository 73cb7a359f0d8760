<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adjusting\Adjustments;
use App\Documents\BestPlan;
use App\Documents\ChoicesReader;
use App\Http\Requests\ChoicesInput;
use App\Wire\PlanWriter;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use InchLadder\Plan\Plan;

final class WorkingsController
{
    public function __invoke(ChoicesInput $request): JsonResponse
    {
        $read = $this->read($request);
        if ($request->act() !== null) {
            $read = Adjustments::tried($request->act(), $read, $request->how(), $request->pixels('wide'), $request->pixels('high'));
        }

        return new JsonResponse((new PlanWriter(Plan::of($read->choices)))->workings($read->json, $request->point(), $request->rung()));
    }

    /** The place alone: all else the page has already. */
    public function point(ChoicesInput $request): JsonResponse
    {
        [$x, $y] = $request->point() ?? throw ValidationException::withMessages(['x' => Say::it('adjusting.nowhere')]);

        return new JsonResponse((new PlanWriter(Plan::of($this->read($request)->choices)))->point($x, $y));
    }

    private function read(ChoicesInput $request): ChoicesReader
    {
        return BestPlan::read($request->choices(), $request->pixels('wide'), $request->pixels('high'));
    }
}
