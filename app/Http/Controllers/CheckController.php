<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ChoicesReader;
use App\Http\Requests\ChoicesInput;
use App\Models\Drawing;
use App\Wire\MarkChecks;
use App\Wire\Said;
use App\Wire\WarmUpWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Plan\Plan;

/** Marks checked before they are drawn on, and the picture before it is; nothing is kept. */
final class CheckController
{
    public function square(ChoicesInput $input, Request $request): JsonResponse
    {
        $typed = static fn (string $name): string => Said::text($request, $name);
        $which = in_array($typed('which'), ['sheet', 'print'], true) ? $typed('which') : 'drawing';
        $names = ['falling', 'rising', 'top', 'bottom', 'left', 'right'];

        return new JsonResponse($this->checks($input)->square($which, array_combine($names, array_map($typed, $names))));
    }

    public function measured(ChoicesInput $input, Request $request): JsonResponse
    {
        return new JsonResponse($this->checks($input)->measuredBack($request->input('way') === 'across' ? 'across' : 'down', (array) $request->input('ticks', [])));
    }

    public function warmUp(WarmUpWriter $writer, Drawing $drawing): JsonResponse
    {
        return new JsonResponse($writer->warmUp($drawing));
    }

    private function checks(ChoicesInput $input): MarkChecks
    {
        return new MarkChecks(Plan::of(ChoicesReader::read($input->choices(), $input->pixels('wide'), $input->pixels('high'))->choices));
    }
}
