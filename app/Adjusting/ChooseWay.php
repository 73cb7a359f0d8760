<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\BestPlan;
use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Planning;
use InchLadder\Planner\NoPlan;

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
     * The grid's own count or cell, for whole cells. Where it has none, or they cannot be, the planner's.
     *
     * @return array<string, mixed>
     */
    private function asCells(ChoicesReader $read): array
    {
        $grid = $read->json->grid;
        $cells = match (true) {
            $grid->school === 'measure' && $grid->on === 'paper' => new WholeCells($this->typed($read, $grid->cell), Frame::centred()),
            $grid->school === 'count' => $this->counted($read, $grid->columns, null),
            $grid->school === 'proportional' => $this->counted($read, $grid->columns, $grid->rows),
            default => null,
        };
        try {
            $cells?->onto($read->choices->reference(), $read->choices->room());
        } catch (Impossible) {
            $cells = null;
        }

        return $cells === null ? $this->planned($read) : [
            'cell' => $read->choices->notation->exactly($cells->cell),
            'print_cell' => null,
            'columns' => $cells->columns,
            'rows' => $cells->rows,
        ];
    }

    private function counted(ChoicesReader $read, int $columns, ?int $rows): WholeCells
    {
        $choices = $read->choices;

        return WholeCells::counted($choices->reference(), $choices->room(), $columns, $rows, $choices->notation->ruler);
    }

    private function typed(ChoicesReader $read, string $length): Length
    {
        return (new LengthReader($read->choices->notation->unit))->read($length);
    }

    /** @return array<string, mixed> */
    private function planned(ChoicesReader $read): array
    {
        try {
            return BestPlan::fit($read, (new Planning($read->choices))->asItLies());
        } catch (NoPlan) {
            return [];
        }
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
        } catch (Impossible) {
            return [];
        }

        return $cells === null ? [] : match ($school) {
            // A cell measured on the print was none of these.
            'measure' => $read->json->grid->on === 'print' ? [] : ['cell' => $read->json->fit->cell, 'on' => 'paper'],
            'count' => ['columns' => $cells->columns],
            'proportional' => ['columns' => $cells->columns, 'rows' => $cells->rows],
            default => [],
        };
    }
}
