<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Fit\Aim;
use InchLadder\Layout\Pinned;
use InchLadder\Layout\Placed;
use InchLadder\Marks\Arc;
use InchLadder\Marks\Reach;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

/** Where key points lie: from the gridlines, from the thirds, from the axes. */
final readonly class PointWording
{
    private Writing $write;

    public function __construct(private Plan $plan)
    {
        $this->write = new Writing($plan->choices->notation);
    }

    /** By how much, and which way, it misses the crossing of thirds it is nearest to; on the paper. */
    public function fromThirds(Placed $placed): string
    {
        $area = $this->plan->layout->fitted->area;
        $off = [
            [$area->width->times($placed->x->minus(Aim::nearestThird($placed->x))), ['left', 'right']],
            [$area->height->times($placed->y->minus(Aim::nearestThird($placed->y))), ['above', 'below']],
        ];
        $said = [];
        foreach ($off as [$length, $sides]) {
            $reading = $this->write->notation->ruler->round($length->absolute())->reading;
            if (! $reading->isZero()) {
                $said[] = Say::it('points.aside.'.$sides[$length->isPositive() ? 1 : 0], ['off' => $this->write->plain($reading)]);
            }
        }

        return $said === [] ? Say::it('points.on thirds') : Say::it('points.off thirds', ['off' => implode(Say::it('points.and'), $said)]);
    }

    /** Its place counted from where the axes meet, as plotted on the paper: `+1 1/2, −3/4 in`, and on the print; null without axes. */
    public function plotted(Placed $placed): ?string
    {
        $axes = $this->plan->layout->grid->axes;
        if ($axes === null || ! $placed->isInside()) {
            return null;
        }
        $area = $this->plan->layout->fitted->area;
        $signed = fn (Rational $share, Length $side): string => ($share->isNegative() ? '−' : '+').$this->write->read($side->times($share->abs()));

        $onBoard = fn (Size $board): string => $signed($placed->x->minus($axes->x), $board->width).', '.$signed($placed->y->minus($axes->y), $board->height).' '.$this->write->notation->unit->value;

        $print = $this->plan->layout->print;

        return Say::it($print === null ? 'points.plotted.paper' : 'points.plotted.both', ['paper' => $onBoard($area), 'print' => $print === null ? '' : $onBoard($print)]);
    }

    /** How many measures it takes to plot it: a line of the grid it lies on, as far as the ruler tells, spares one. */
    public function measures(Placed $placed): int
    {
        [$grid, $area] = [$this->plan->layout->grid, $this->plan->layout->fitted->area];
        $isOff = fn (Length $off): int => $this->write->notation->ruler->round($off->absolute())->reading->isZero() ? 0 : 1;

        return $isOff($area->width->times(Placed::nearestLine($grid->columns, $placed->x)[1])) + $isOff($area->height->times(Placed::nearestLine($grid->rows, $placed->y)[1]));
    }

    /** Where a key point lies from the gridlines nearest to it, the shorter reach first. */
    public function fromNearestLines(Placed $placed): string
    {
        $plan = $this->plan;
        [$line, $off] = Placed::nearestLine($plan->layout->grid->columns, $placed->x);
        [$row, $below] = Placed::nearestLine($plan->layout->grid->rows, $placed->y);
        $across = [$plan->layout->fitted->area->width->times($off), Say::it('points.line.across', ['line' => $line]), ['left', 'right']];
        $down = [$plan->layout->fitted->area->height->times($below), Say::it('points.line.down', ['line' => $row]), ['above', 'below']];
        $reaches = $across[0]->absolute()->isLongerThan($down[0]->absolute()) ? [$down, $across] : [$across, $down];

        return implode(', ', array_map(fn (array $reach): string => $this->beside(...$reach), $reaches));
    }

    /** Two distances from points that stand, on the paper and on the print; null where no two of them fix it. */
    public function arcs(Reach $reach): ?string
    {
        if ($reach->arcs === null) {
            return null;
        }
        $said = array_map(fn (Arc $arc): string => Say::it($arc->print === null ? 'points.arc.paper' : 'points.arc.both', [
            'from' => $arc->from, 'paper' => $this->write->reading($arc->paper), 'print' => $arc->print === null ? '' : $this->write->plain($this->plan->layout->printRuler->round($arc->print)->reading),
        ]), $reach->arcs);

        return Say::it("points.arcs.{$reach->side}", ['one' => $said[0], 'other' => $said[1]]);
    }

    /** Whether a point lies where it is held on the sheet, and what keeps it from there; null when it is not held, or another holds. */
    public function pinned(Placed $placed): ?string
    {
        $pinned = $this->plan->pinned;
        $pin = $placed->point->pin;
        if ($pinned === null || $pin === null) {
            return null;
        }
        if ($pinned->point !== $placed->point) {
            return Say::it('points.pinned.other', ['point' => $pinned->point->name]);
        }
        $off = $this->missed($pinned);

        return Say::it($off === [] ? 'points.pinned.held' : 'points.pinned.misses', ['left' => $this->write->reading($pin->left), 'top' => $this->write->reading($pin->top), 'off' => implode(Say::it('points.and'), $off)]);
    }

    /** @return list<string> by how much a held point misses its place, as far as the ruler tells; empty when it lies there */
    public function missed(Pinned $pinned): array
    {
        $off = [];
        foreach ([[$pinned->missedAcross, ['left', 'right']], [$pinned->missedDown, ['above', 'below']]] as [$missed, $sides]) {
            if (! $this->write->notation->ruler->round($missed->absolute())->reading->isZero()) {
                $off[] = Say::it('points.pinned.'.$sides[$missed->isPositive() ? 1 : 0], ['off' => $this->write->reading($missed->absolute())]);
            }
        }

        return $off;
    }

    /** @param  array{string, string}  $sides  before and after the line */
    private function beside(Length $off, string $line, array $sides): string
    {
        $reading = $this->write->notation->ruler->round($off->absolute())->reading;
        if ($reading->isZero()) {
            return Say::it('points.on line', ['line' => $line]);
        }

        return Say::it('points.off line.'.$sides[$off->isPositive() ? 1 : 0], ['off' => $this->write->plain($reading), 'line' => $line]);
    }
}
