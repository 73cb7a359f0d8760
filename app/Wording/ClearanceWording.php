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
            ...array_map(fn (Clearance $way): array => ['by' => $way->moves() || $way->columns !== null ? $way->by->value : '', 'says' => $this->said('offer', $way)], array_values($this->ways)),
        ];
    }

    /** Why no crop keeps it clear. */
    public function cannot(): string
    {
        return Say::it($this->fits ? 'clearance.photo ends' : 'clearance.too large');
    }

    /** What was done. */
    public function done(Clearance $way): string
    {
        return $this->said('done', $way);
    }

    /** @param  'offer'|'done'  $when */
    private function said(string $when, Clearance $way): string
    {
        $says = $way->by === Clearing::Clear && ! $way->moves() ? Say::it('clearance.clear already') : ucfirst(Say::it("clearance.{$when}.{$way->by->value}", [
            'move' => $way->moves() ? Say::it("clearance.{$when}.moves", ['by' => $this->by($way)]) : Say::it('clearance.stays'),
            'columns' => $way->columns === null ? '' : Say::counted('clearance.columns', $way->columns),
        ]));

        return $way->lost === [] ? $says : $says.' '.Say::it('clearance.lost', ['names' => implode(', ', $way->lost)]);
    }

    private function by(Clearance $way): string
    {
        return implode(Say::it('clearance.and'), array_filter([
            $way->across->isZero() ? null : Say::it($way->across->isPositive() ? 'clearance.by.right' : 'clearance.by.left', ['off' => $this->write->reading($way->across->absolute())]),
            $way->down->isZero() ? null : Say::it($way->down->isPositive() ? 'clearance.by.down' : 'clearance.by.up', ['off' => $this->write->reading($way->down->absolute())]),
        ]));
    }
}
