<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Plan\Plan;

/** Another way to match photo and paper. A count or a cell that was typed for the grid stays what it is. */
final readonly class ChooseWay implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  way: crop, inset, cells or stretch; school: the grid type to take with it, or none */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $way = Way::tryFrom(Input::typed($how, 'way')) ?? throw ValidationException::withMessages(['way' => Say::it('adjusting.way')]);
        $was = Way::from($read->json->fit->way);
        $school = Input::typed($how, 'school');
        $school = in_array($school, SchoolCatalogue::keys(), true) ? $school : $read->json->grid->school;

        return new Adjusted([
            'fit' => ['way' => $way->value, ...$way === Way::Cells && $was !== Way::Cells ? $this->asCells($read) : []],
            'grid' => ['school' => $school, ...$way !== Way::Cells && $was === Way::Cells ? $this->asGrid($read, $school) : []],
        ]);
    }

    /**
     * The grid's own count or cell, for whole cells.
     *
     * @return array<string, string|int|null>
     */
    private function asCells(ChoicesReader $read): array
    {
        $grid = $read->json->grid;
        if ($grid->school === 'measure' && $grid->on === 'paper') {
            return ['cell' => $grid->cell, 'print_cell' => null, 'columns' => null, 'rows' => null];
        }
        $rows = ['count' => null, 'proportional' => $grid->rows];
        if (! array_key_exists($grid->school, $rows)) {
            return [];
        }
        $cell = WholeCells::largest($read->choices->room(), $grid->columns, $rows[$grid->school], $read->choices->notation->ruler);

        return ['cell' => $read->choices->notation->exactly($cell), 'print_cell' => null, 'columns' => $grid->columns, 'rows' => $rows[$grid->school]];
    }

    /**
     * The whole cells in force, for the grid.
     *
     * @return array<string, string|int>
     */
    private function asGrid(ChoicesReader $read, string $school): array
    {
        try {
            $cells = Plan::of($read->choices)->layout->fitted->cells;
        } catch (\InchLadder\Impossible) {
            return [];
        }

        return $cells === null ? [] : match ($school) {
            'measure' => ['cell' => $read->json->fit->cell, 'on' => 'paper'],
            'count' => ['columns' => $cells->columns],
            'proportional' => ['columns' => $cells->columns, 'rows' => $cells->rows],
            default => [],
        };
    }
}
