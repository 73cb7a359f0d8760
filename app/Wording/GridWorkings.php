<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\SetUpTime;
use InchLadder\Layout\Layout;
use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;
use InchLadder\Plan\Plan;

/** The grid on both boards: how many lines and cells, how large, and what remains. */
final readonly class GridWorkings
{
    private Writing $write;

    private Layout $layout;

    public function __construct(private Plan $plan)
    {
        $this->write = new Writing($plan->choices->notation);
        $this->layout = $plan->layout;
    }

    /** @return list<string> */
    public function lines(): array
    {
        $regular = $this->layout->grid->across->isRegular() && $this->layout->grid->down->isRegular();

        return array_values(array_filter([
            $this->counts(),
            Say::it('grid.along', ['across' => $this->edge($this->layout->grid->across), 'down' => $this->edge($this->layout->grid->down)]),
            $this->cell($regular),
            Writing::stretched($this->plan),
            $regular ? $this->notSquare() : null,
            $this->part(),
            ...$this->remainders(),
            $this->axes(),
            $this->cross(),
            ...$this->mainLines(),
            $this->time(),
            $this->spared(),
        ]));
    }

    private function counts(): string
    {
        $cells = $this->layout->grid->cells();

        return Say::it('grid.counts', [
            'columns' => Say::counted('grid.columns', $cells->columns), 'rows' => Say::counted('grid.rows', $cells->rows),
            'cells' => $cells->columns * $cells->rows, 'lines' => Say::counted('grid.lines', $this->layout->grid->innerLines()),
        ]);
    }

    /** Lines and parts are easily taken for one another. */
    private function edge(Edge $edge): string
    {
        return Say::it('grid.edge', ['parts' => Say::counted('grid.parts', $edge->parts()), 'lines' => Say::counted('grid.lines', $edge->parts() - 1), 'all' => $edge->parts() + 1]);
    }

    private function cell(bool $regular): string
    {
        $print = $this->layout->printCell();
        $which = $regular ? 'cell' : 'first cell';

        return Say::it("grid.{$which}.".($print === null ? 'paper' : 'both'), ['paper' => $this->write->size($this->layout->cell()), 'print' => $print === null ? '' : $this->write->size($print)]);
    }

    private function notSquare(): ?string
    {
        [$cell, $grid, $area] = [$this->layout->cell(), $this->layout->grid, $this->layout->fitted->area];
        if ($cell->width->equals($cell->height)) {
            return null;
        }
        $columns = $grid->across->parts();
        $rows = max(1, min(Cells::MOST, $area->height->over($area->width)->times($columns)->round()));

        return Say::it('grid.not square').($rows === $grid->down->parts() ? '' : ' '.Say::it('grid.nearest squares', ['columns' => $columns, 'rows' => $rows]));
    }

    /** @return list<string> */
    private function remainders(): array
    {
        $lines = [];
        foreach (['right' => [$this->layout->grid->across, $this->layout->fitted->area->width], 'bottom' => [$this->layout->grid->down, $this->layout->fitted->area->height]] as $end => [$edge, $length]) {
            if ($edge->partial !== []) {
                $strip = $length->times($edge->span($edge->parts() - 1));
                $lines[] = Say::it((count($edge->partial) === 1 ? 'grid.kept.' : 'grid.shared.').$end, ['strip' => $this->write->written($strip)]);
            }
            if (! $edge->covered->isEqualTo(1)) {
                $lines[] = Say::it("grid.dropped.{$end}", ['strip' => $this->write->written($length->dividedBy($edge->covered)->minus($length))]);
            }
        }

        return $lines;
    }

    /** What is proposed of a strip that is too narrow to be cells; null where there is none. */
    public function sliver(): ?string
    {
        $strips = array_filter([
            'column' => [$this->layout->grid->across, $this->layout->fitted->area->width],
            'row' => [$this->layout->grid->down, $this->layout->fitted->area->height],
        ], static fn (array $side): bool => $side[0]->sliver() !== null);
        $said = array_map(fn (string $which, array $side): string => Say::it("grid.sliver.{$which}", ['strip' => $this->write->written($side[1]->times($side[0]->span((int) $side[0]->sliver())))]), array_keys($strips), $strips);

        return $said === [] ? null : implode(' ', [...$said, Say::it('grid.sliver.propose')]);
    }

    private function part(): ?string
    {
        return $this->plan->choices->part === null || $this->layout->fitted->cells !== null
            ? null
            : $this->fromEdges('grid.part', $this->layout->grid->columns[0], $this->layout->grid->rows[0]);
    }

    private function axes(): ?string
    {
        $axes = $this->layout->grid->axes;

        return $axes === null ? null : $this->fromEdges('grid.axes', $axes->x, $axes->y);
    }

    /** Where the one line each way crosses the other. */
    private function cross(): ?string
    {
        $grid = $this->layout->grid;

        return $grid->axes !== null || $grid->across->parts() !== 2 || $grid->down->parts() !== 2 ? null : $this->fromEdges('grid.cross', $grid->columns[1], $grid->rows[1]);
    }

    /**
     * Where a place lies, from the sheet's edges, as the ruler reads it.
     *
     * @param  Rational  $x  shares of the drawing area
     */
    private function fromEdges(string $key, Rational $x, Rational $y): string
    {
        return Say::it($key, ['left' => $this->write->plain($this->layout->readAcross($x)->sheet->reading), 'top' => $this->write->plain($this->layout->readDown($y)->sheet->reading)]);
    }

    private function time(): ?string
    {
        $lines = $this->layout->grid->innerLines();

        return $lines === 0 ? null : Say::it('grid.time', ['time' => Phrases::setUp(SetUpTime::forLines($lines)), 'error' => $this->write->plain($this->write->notation->ruler->step->dividedBy(2))]);
    }

    private function spared(): ?string
    {
        $outside = count($this->layout->outside());
        $inside = count($this->layout->spared()) - $outside;

        return implode(' ', array_filter([
            $inside === 0 ? '' : Say::counted('grid.spared.regions', $inside),
            $outside === 0 ? '' : Say::counted("grid.spared.{$this->layout->shape->value}", $outside),
        ])) ?: null;
    }

    /** @return list<string> of the main dividing lines, what fraction each is */
    private function mainLines(): array
    {
        if (! $this->plan->choices->school instanceof MainLines) {
            return [];
        }
        $say = static function (string $way, Rational $share): string {
            $simple = SimpleFraction::nearest($share);

            return Say::it("grid.main.{$way} ".($simple->off->isZero() ? 'exactly' : 'nearly'), ['share' => Writing::percent($share), 'fraction' => (string) $simple->fraction]);
        };

        return [
            ...array_map(static fn (Rational $share): string => $say('upright', $share), array_slice($this->layout->grid->columns, 1, -1)),
            ...array_map(static fn (Rational $share): string => $say('level', $share), array_slice($this->layout->grid->rows, 1, -1)),
        ];
    }
}
