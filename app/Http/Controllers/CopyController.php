<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\CellUnknown;
use App\Http\Requests\CellNoteRequest;
use App\Http\Requests\NotesRequest;
use App\Http\Requests\SaidOfCells;
use App\Models\CellChange;
use App\Models\Drawing;
use App\Models\HandWork;
use App\Wire\CopyWriter;
use App\Wire\Json\NotedJson;
use App\Wire\Json\OvertakenJson;
use App\Wire\MassesWriter;
use App\Wire\Said;
use App\Wire\StrengthsWriter;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Copying\Place;
use InchLadder\Layout\Hand;
use InchLadder\Plan\Plan;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Copying, a cell at a time. */
#[OA\Parameter(name: 'column', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
#[OA\Parameter(name: 'row', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
final readonly class CopyController
{
    public function __construct(private CopyWriter $writer, private MassesWriter $masses, private StrengthsWriter $strengths)
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

    public function masses(Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->masses->masses($drawing->photo ?? throw new NotFoundHttpException(Say::it('http.no picture')), $drawing->plan()));
    }

    public function strengths(Drawing $drawing, int $column, int $row): JsonResponse
    {
        $plan = $drawing->plan();
        $place = $this->place($plan, $column, $row);

        return new JsonResponse($this->strengths->strengths($drawing->photo ?? throw new NotFoundHttpException(Say::it('http.no picture')), $plan, $place));
    }

    public function crossing(Request $request, Drawing $drawing, int $column, int $row): JsonResponse
    {
        $plan = $drawing->plan();

        return new JsonResponse($this->writer->crossing($drawing, $plan, $this->place($plan, $column, $row), $request->integer('n'), Said::text($request, 'drawn')));
    }

    public function unguarded(Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->unguarded($drawing->photo ?? throw new NotFoundHttpException(Say::it('http.no picture')), $drawing->plan()));
    }

    public function update(CellNoteRequest $request, Drawing $drawing, int $column, int $row): JsonResponse
    {
        $said = $request->said();
        $plan = $drawing->planOf($said->mesh);
        $what = $said->what($plan->layout->addresses->of($column, $row));
        $overtaken = $drawing->noteCell($plan, $what, $said->key, $said->change($this->place($plan, $column, $row)));

        return new JsonResponse(NotedJson::of($drawing, self::overtaken($overtaken, $plan, $what)));
    }

    public function several(CellNoteRequest $request, Drawing $drawing): JsonResponse
    {
        $said = $request->said();

        return new JsonResponse(NotedJson::of($drawing, $this->note($drawing, $drawing->planOf($said->mesh), $said)));
    }

    public function notes(NotesRequest $request, Drawing $drawing): JsonResponse
    {
        $plans = [];
        $overtaken = $drawing->allOrNone(fn (): array => array_merge(...array_map(function (SaidOfCells $said) use ($drawing, &$plans): array {
            return $this->note($drawing, $plans[$said->mesh ?? ''] ??= $drawing->planOf($said->mesh), $said);
        }, $request->notes())));

        return new JsonResponse(NotedJson::of($drawing, $overtaken));
    }

    /** @return list<OvertakenJson> */
    private function note(Drawing $drawing, Plan $plan, SaidOfCells $said): array
    {
        $columns = $plan->layout->grid->cells()->columns;
        $places = array_map(fn (int $cell): Place => $this->place($plan, $cell % $columns, intdiv($cell, $columns)), $said->cells);
        $one = count($places) === 1 ? $plan->layout->addresses->of($places[0]->column, $places[0]->row) : null;
        $overtaken = $drawing->noteCell($plan, $said->what($one), $said->key, ...array_map($said->change(...), $places));

        return self::overtaken($overtaken, $plan, $said->what($one));
    }

    /**
     * @param  list<CellChange>  $changes  of one note
     * @return list<OvertakenJson>
     */
    private static function overtaken(array $changes, Plan $plan, string $what): array
    {
        $columns = $plan->layout->grid->cells()->columns;
        $cells = array_map(static fn (CellChange $one): int => $one->place->row * $columns + $one->place->column, $changes);
        $first = $changes[0] ?? null;

        return $first === null ? [] : [new OvertakenJson(HandWork::name($plan), $cells, $first->state, $first->reached, $first->doubtful, $first->words, Say::it('copying.overtaken', ['what' => $what]))];
    }

    /** @throws CellUnknown */
    private function place(Plan $plan, int $column, int $row): Place
    {
        $cells = $plan->layout->grid->cells();
        $place = new Place($column, $row);

        return $place->isIn($cells) ? $place : throw CellUnknown::at($place, $cells);
    }
}
