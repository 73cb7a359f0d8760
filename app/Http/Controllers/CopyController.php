<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\CellUnknown;
use App\Http\Requests\CellNoteRequest;
use App\Http\Requests\CellNotesRequest;
use App\Models\CellChange;
use App\Models\Drawing;
use App\Wire\CopyWriter;
use App\Wire\Json\NotedJson;
use App\Wire\Said;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Copying\Place;
use InchLadder\Layout\Hand;
use InchLadder\Plan\Plan;
use OpenApi\Attributes as OA;

/** Copying, a cell at a time. */
#[OA\Parameter(name: 'column', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
#[OA\Parameter(name: 'row', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
final readonly class CopyController
{
    public function __construct(private CopyWriter $writer)
    {
    }

    public function index(Request $request, Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->copying($drawing, $drawing->plan(), Hand::tryFrom(Said::text($request, 'hand')) ?? Hand::Right));
    }

    public function show(Drawing $drawing, int $column, int $row): JsonResponse
    {
        $plan = $drawing->plan();

        return new JsonResponse($this->writer->cell($drawing, $plan, $this->place($plan, $column, $row)));
    }

    public function update(CellNoteRequest $noted, Drawing $drawing, int $column, int $row): JsonResponse
    {
        $plan = $drawing->plan();
        $cell = ['cell' => $plan->layout->addresses->of($column, $row)];
        $change = $noted->change($this->place($plan, $column, $row));

        return $this->note($drawing, $plan, match (true) {
            $noted->state() !== null => Say::it("copying.noted.{$noted->state()}", $cell),
            $noted->isDoubtful() !== null => Say::it('copying.noted.'.($noted->isDoubtful() ? 'doubtful' : 'settled'), $cell),
            default => Say::it('copying.noted.words', $cell),
        }, $change);
    }

    public function several(CellNotesRequest $noted, Drawing $drawing): JsonResponse
    {
        $plan = $drawing->plan();
        $columns = $plan->layout->grid->cells()->columns;
        $changes = array_map(fn (int $cell): CellChange => $noted->change($this->place($plan, $cell % $columns, intdiv($cell, $columns))), $noted->cells());

        return $this->note($drawing, $plan, Say::it('copying.noted.several '.($noted->state() ?? 'words'), ['count' => count($changes)]), ...$changes);
    }

    private function note(Drawing $drawing, Plan $plan, string $what, CellChange ...$changes): JsonResponse
    {
        $drawing->noteCell($plan, $what, ...$changes);

        return new JsonResponse(NotedJson::of($drawing));
    }

    /** @throws CellUnknown */
    private function place(Plan $plan, int $column, int $row): Place
    {
        $place = new Place($column, $row);

        return $place->isIn($plan->layout->grid->cells()) ? $place : throw CellUnknown::at($place, $plan->layout->grid->cells());
    }
}
