<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\CellUnknown;
use App\Models\CellChange;
use App\Models\CellNote;
use App\Models\Drawing;
use App\Wire\CopyWriter;
use App\Wire\Json\NotedJson;
use App\Wire\Said;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InchLadder\Copying\Place;
use InchLadder\Grid\Cells;
use InchLadder\Layout\Hand;
use InchLadder\Plan\Plan;
use OpenApi\Attributes as OA;

/** Copying, a cell at a time. */
#[OA\Parameter(name: 'column', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
#[OA\Parameter(name: 'row', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
final readonly class CopyController
{
    private const RULES = ['state' => ['filled', 'in:done,empty,open'], 'doubtful' => 'filled|boolean', 'words' => ['string', 'max:'.CellNote::MOST_WORDS, 'regex:/^\P{Cc}*$/u']];

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

    public function update(Request $request, Drawing $drawing, int $column, int $row): JsonResponse
    {
        $noted = $this->validated($request, []);
        $plan = $drawing->plan();
        $place = $this->place($plan, $column, $row);
        $address = $plan->layout->addresses->of($column, $row);

        return $this->note($drawing, $plan, match (true) {
            isset($noted['state']) => Say::it("copying.noted.{$noted['state']}", ['cell' => $address]),
            isset($noted['doubtful']) => Say::it('copying.noted.'.($noted['doubtful'] ? 'doubtful' : 'settled'), ['cell' => $address]),
            default => Say::it('copying.noted.words', ['cell' => $address]),
        }, self::change($place, $noted));
    }

    /** Notes the same of several cells, as one change: all that are blank, say. */
    public function several(Request $request, Drawing $drawing): JsonResponse
    {
        $noted = $this->validated($request, ['cells' => 'required|array|max:'.Cells::MOST ** 2, 'cells.*' => 'integer|min:0']);
        $plan = $drawing->plan();
        $columns = $plan->layout->grid->cells()->columns;
        $changes = array_map(fn (mixed $cell): CellChange => self::change($this->place($plan, (int) $cell % $columns, intdiv((int) $cell, $columns)), $noted), array_values(array_unique($noted['cells'])));

        return $this->note($drawing, $plan, Say::it('copying.noted.several '.($noted['state'] ?? 'words'), ['count' => count($changes)]), ...$changes);
    }

    /**
     * What is to be noted; an empty note takes one away, and is something said.
     *
     * @param  array<string, string>  $more  rules
     * @return array<string, mixed>
     */
    private function validated(Request $request, array $more): array
    {
        $noted = $request->validate([...self::RULES, ...$more], array_map(static fn (string $field): string => Say::it("copying.asked.{$field}", ['most' => CellNote::MOST_WORDS]), ['state' => 'state', 'doubtful' => 'doubtful', 'words' => 'words', 'cells' => 'cells', 'cells.*' => 'cells']));

        return array_intersect_key($noted, self::RULES) === [] ? throw ValidationException::withMessages(['state' => Say::it('copying.asked.state')]) : $noted;
    }

    private function note(Drawing $drawing, Plan $plan, string $what, CellChange ...$changes): JsonResponse
    {
        $drawing->noteCell($plan, $what, ...$changes);

        return new JsonResponse(NotedJson::of($drawing));
    }

    /** @param  array<string, mixed>  $noted */
    private static function change(Place $place, array $noted): CellChange
    {
        return new CellChange($place, $noted['state'] ?? null, isset($noted['doubtful']) ? (bool) $noted['doubtful'] : null, $noted['words'] ?? null);
    }

    /** @throws CellUnknown */
    private function place(Plan $plan, int $column, int $row): Place
    {
        $place = new Place($column, $row);

        return $place->isIn($plan->layout->grid->cells()) ? $place : throw CellUnknown::at($place, $plan->layout->grid->cells());
    }
}
