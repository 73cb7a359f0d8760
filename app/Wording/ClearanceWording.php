<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Measure\Rational;
use InchLadder\Plan\Clearance;
use InchLadder\Plan\Clearing;
use InchLadder\Plan\Plan;

/** What can be done about a line that runs through a boxed thing, and what each way costs; the page offers it, an adjustment does it. */
final readonly class ClearanceWording
{
    /** @var array<string, Clearance> */
    public array $ways;

    private Writing $write;

    private bool $fits;

    public function __construct(Plan $plan, Rational $left, Rational $top, Rational $width, Rational $height)
    {
        $this->ways = Clearance::of($plan, $left, $top, $width, $height);
        $this->fits = Clearance::fits($plan, $width, $height);
        $this->write = new Writing($plan->choices->notation);
    }

    /** @return list<array{by: string, says: string}> with what cannot be done said first; `by` is empty where there is nothing to do */
    public function offers(): array
    {
        return [
            ...isset($this->ways['clear']) ? [] : [['by' => '', 'says' => $this->cannot()]],
            ...array_map(fn (Clearance $way): array => ['by' => $way->moves() || $way->columns !== null ? $way->by->value : '', 'says' => $this->offered($way)], array_values($this->ways)),
        ];
    }

    /** Why no crop keeps it clear. */
    public function cannot(): string
    {
        return $this->fits
            ? 'The photo ends before the crop could move far enough, so it stays; a smaller crop would let it.'
            : 'It is larger than one cell, so a line must run through it; larger cells would keep it whole.';
    }

    /** What was done. */
    public function done(Clearance $way): string
    {
        $kept = $way->moves() ? "the crop moved by {$this->by($way)} on the paper" : 'the crop stays';
        $moved = ucfirst($kept);

        return match ($way->by) {
            Clearing::Clear => $way->moves() ? "{$moved}; no line runs through it now." : 'No line runs through it.',
            Clearing::Upright => "{$moved}; an upright line runs through its middle.",
            Clearing::Level => "{$moved}; a level line runs through its middle.",
            Clearing::LargerCells => "{$this->columns($way)}; {$kept}; a cell holds it whole.",
        }.$this->lost($way);
    }

    private function offered(Clearance $way): string
    {
        $moves = $way->moves() ? "the crop moves by {$this->by($way)} on the paper" : 'the crop stays';

        return match ($way->by) {
            Clearing::Clear => $way->moves() ? "Whole in one cell: {$moves}." : 'No line runs through it.',
            Clearing::Upright => "An upright line through its middle: {$moves}.",
            Clearing::Level => "A level line through its middle: {$moves}.",
            Clearing::LargerCells => "Whole in one cell of a grid of {$this->columns($way)}: {$moves}, and every cell is larger.",
        }.$this->lost($way);
    }

    private function by(Clearance $way): string
    {
        return implode(' and ', array_filter([
            $way->across->isZero() ? null : $this->write->reading($way->across->absolute()).' '.($way->across->isPositive() ? 'to the right' : 'to the left'),
            $way->down->isZero() ? null : $this->write->reading($way->down->absolute()).' '.($way->down->isPositive() ? 'down' : 'up'),
        ]));
    }

    private function columns(Clearance $way): string
    {
        return "{$way->columns} ".($way->columns === 1 ? 'column' : 'columns');
    }

    private function lost(Clearance $way): string
    {
        return $way->lost === [] ? '' : ' It crops away '.implode(', ', $way->lost).'.';
    }
}
