<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Grid\Cells;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\SetUpTime;
use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;
use InchLadder\Plan\Plan;

/** The grid on both boards: how many lines and cells, how large, and what remains. */
final readonly class GridWorkings
{
    private Writing $write;

    public function __construct(private Plan $plan)
    {
        $this->write = new Writing($plan->choices->notation);
    }

    /** @return list<string> */
    public function lines(): array
    {
        return array_values(array_filter([
            $this->counts(),
            $this->parts(),
            $this->cell(),
            Writing::stretched($this->plan),
            $this->notSquare(),
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
        $cells = $this->plan->layout->grid->cells();

        return self::count($cells->columns, 'column').' and '.self::count($cells->rows, 'row').': '.($cells->columns * $cells->rows).' cells, '.self::count($this->plan->layout->grid->innerLines(), 'line').' inside the frame.';
    }

    /** Lines and parts are easily taken for one another. */
    private function parts(): string
    {
        $say = static fn (Edge $edge): string => self::count($edge->parts(), 'part').', '.self::count($edge->parts() - 1, 'line').' inside, '.($edge->parts() + 1).' with the edges';

        return 'Across: '.$say($this->plan->layout->grid->across).'. Down: '.$say($this->plan->layout->grid->down).'.';
    }

    /** `1 line`, `3 lines` */
    private static function count(int $count, string $thing): string
    {
        return "{$count} {$thing}".($count === 1 ? '' : 's');
    }

    private function cell(): string
    {
        $plan = $this->plan;
        $regular = $plan->layout->grid->across->isRegular() && $plan->layout->grid->down->isRegular();

        return ($regular ? 'A cell is ' : 'The first cell is ').$this->write->size($plan->layout->cell()).' on the paper'.($plan->layout->printCell() === null ? '.' : ', '.$this->write->size($plan->layout->printCell()).' on the print.');
    }

    private function notSquare(): ?string
    {
        $cell = $this->plan->layout->cell();
        if ($cell->width->equals($cell->height) || ! $this->plan->layout->grid->across->isRegular() || ! $this->plan->layout->grid->down->isRegular()) {
            return null;
        }
        $columns = $this->plan->layout->grid->across->parts();
        $rows = max(1, min(Cells::MOST, $this->plan->layout->fitted->area->height->over($this->plan->layout->fitted->area->width)->times($columns)->round()));
        $nearest = $rows === $this->plan->layout->grid->down->parts() ? '' : " The nearest to squares is {$columns} by {$rows}.";

        return "These cells are not square; they keep the proportion as long as both boards have the same counts.{$nearest}";
    }

    /** @return list<string> */
    private function remainders(): array
    {
        $plan = $this->plan;
        $lines = [];
        foreach ([['right', 'both sides', $plan->layout->grid->across, $plan->layout->fitted->area->width], ['bottom', 'top and bottom', $plan->layout->grid->down, $plan->layout->fitted->area->height]] as [$end, $both, $edge, $length]) {
            if ($edge->partial !== []) {
                $strip = $length->times($edge->span($edge->parts() - 1));
                $lines[] = count($edge->partial) === 1
                    ? "What remains at the {$end}, {$this->write->notation->write($strip)}, is kept as partial cells."
                    : "What remains is shared: {$this->write->notation->write($strip)} of partial cells at {$both}.";
            }
            if (! $edge->covered->isEqualTo(1)) {
                $whole = $length->dividedBy($edge->covered);
                $lines[] = "What remains, {$this->write->notation->write($whole->minus($length))}, is not drawn: half of it is left at ".($end === 'right' ? 'either side.' : 'top and bottom.');
            }
        }

        return $lines;
    }

    private function part(): ?string
    {
        if ($this->plan->choices->part === null || $this->plan->layout->fitted->cells !== null) {
            return null;
        }
        [$left, $top] = [$this->plan->layout->readAcross($this->plan->layout->grid->columns[0])->sheet->reading, $this->plan->layout->readDown($this->plan->layout->grid->rows[0])->sheet->reading];

        return "The grid lies over a part only: it begins {$this->write->plain($left)} from the sheet’s left edge and {$this->write->plain($top)} from its top.";
    }

    private function axes(): ?string
    {
        $axes = $this->plan->layout->grid->axes;
        if ($axes === null) {
            return null;
        }
        [$left, $top] = [$this->plan->layout->readAcross($axes->x)->sheet->reading, $this->plan->layout->readDown($axes->y)->sheet->reading];

        return "The axes meet {$this->write->plain($left)} from the sheet’s left edge and {$this->write->plain($top)} from its top; points right and down of them count plus.";
    }

    private function time(): ?string
    {
        $lines = $this->plan->layout->grid->innerLines();
        $error = $this->write->notation->ruler->step->dividedBy(2);

        return $lines === 0 ? null : 'To mark and rule: '.Phrases::setUp(SetUpTime::forLines($lines))." a board (common practice). A mark is off by {$this->write->plain($error)} at most, on this ruler.";
    }

    private function spared(): ?string
    {
        $outside = count($this->plan->layout->outside());
        $count = count($this->plan->layout->spared()) - $outside;
        $says = static fn (int $count, string $where): ?string => match ($count) {
            0 => null,
            1 => "One cell lies {$where}, and needs no copying.",
            default => "{$count} cells lie {$where}, and need no copying.",
        };

        return implode(' ', array_filter([$says($count, 'in what is not to be drawn'), $says($outside, "wholly outside the {$this->plan->choices->shape->value}")])) ?: null;
    }

    /** Where the one line each way crosses the other, from the sheet's edges. */
    private function cross(): ?string
    {
        $grid = $this->plan->layout->grid;
        if ($grid->axes !== null || $grid->across->parts() !== 2 || $grid->down->parts() !== 2) {
            return null;
        }

        return "The cross lies {$this->write->reading($this->plan->layout->left->plus($this->plan->layout->fitted->area->width->times($grid->columns[1])))} from the sheet’s left edge and {$this->write->reading($this->plan->layout->top->plus($this->plan->layout->fitted->area->height->times($grid->rows[1])))} from its top.";
    }

    /** @return list<string> of the main dividing lines, what fraction each is */
    private function mainLines(): array
    {
        if (! $this->plan->choices->school instanceof MainLines) {
            return [];
        }
        $say = static function (string $way, Rational $share): string {
            $simple = SimpleFraction::nearest($share);

            return "{$way} at ".Writing::percent($share).': '.($simple->off->isZero() ? 'exactly ' : 'nearly ').$simple->fraction.'.';
        };

        return [
            ...array_map(static fn (Rational $share): string => $say('An upright line', $share), array_slice($this->plan->layout->grid->columns, 1, -1)),
            ...array_map(static fn (Rational $share): string => $say('A level line', $share), array_slice($this->plan->layout->grid->rows, 1, -1)),
        ];
    }
}
