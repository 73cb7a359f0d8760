<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Fit\Aim;
use InchLadder\Layout\Pinned;
use InchLadder\Layout\Placed;
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
            [$area->width->times($placed->x->minus(Aim::nearestThird($placed->x))), ['left of', 'right of']],
            [$area->height->times($placed->y->minus(Aim::nearestThird($placed->y))), ['above', 'below']],
        ];
        $said = [];
        foreach ($off as [$length, $sides]) {
            $reading = $this->write->notation->ruler->round($length->absolute())->reading;
            if (! $reading->isZero()) {
                $said[] = $this->write->plain($reading).' '.$sides[$length->isPositive() ? 1 : 0];
            }
        }

        return $said === [] ? 'on a crossing of the thirds' : implode(' and ', $said).' the nearest crossing of thirds';
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

        return $onBoard($area).($this->plan->layout->print === null ? '' : ' on the paper, '.$onBoard($this->plan->layout->print).' on the print');
    }

    /** Where a key point lies from the gridlines nearest to it, the shorter reach first. */
    public function fromNearestLines(Placed $placed): string
    {
        $plan = $this->plan;
        [$line, $off] = Placed::nearestLine($plan->layout->grid->columns, $placed->x);
        [$row, $below] = Placed::nearestLine($plan->layout->grid->rows, $placed->y);
        $across = [$plan->layout->fitted->area->width->times($off), "line {$line} across", ['left', 'right']];
        $down = [$plan->layout->fitted->area->height->times($below), "line {$row} down", ['above', 'below']];
        $reaches = $across[0]->absolute()->isLongerThan($down[0]->absolute()) ? [$down, $across] : [$across, $down];

        return implode(', ', array_map(fn (array $reach): string => $this->beside(...$reach), $reaches));
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
            return "{$pinned->point->name} is held already, and only one can be.";
        }
        $place = "{$this->write->reading($pin->left)} from the left edge, {$this->write->reading($pin->top)} from the top";
        $off = $this->missed($pinned);

        return $off === [] ? "Held at {$place}." : "It cannot lie {$place}: it stays ".implode(' and ', $off).'. There the photo ends, and the sheet has no more room; a smaller crop, or a smaller drawing, would let it move.';
    }

    /** @return list<string> by how much a held point misses its place, as far as the ruler tells; empty when it lies there */
    public function missed(Pinned $pinned): array
    {
        $off = [];
        foreach ([[$pinned->missedAcross, ['left of it', 'right of it']], [$pinned->missedDown, ['above it', 'below it']]] as [$missed, $sides]) {
            if (! $this->write->notation->ruler->round($missed->absolute())->reading->isZero()) {
                $off[] = $this->write->reading($missed->absolute()).' '.$sides[$missed->isPositive() ? 1 : 0];
            }
        }

        return $off;
    }

    /** @param  array{string, string}  $sides  before and after the line */
    private function beside(Length $off, string $line, array $sides): string
    {
        $reading = $this->write->notation->ruler->round($off->absolute())->reading;
        if ($reading->isZero()) {
            return "on {$line}";
        }
        $side = $sides[$off->isPositive() ? 1 : 0];

        return $this->write->plain($reading).' '.($side === 'left' || $side === 'right' ? "{$side} of" : $side)." {$line}";
    }
}
