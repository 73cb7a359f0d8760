<?php

declare(strict_types=1);

namespace App\Exchange\Adjusting;

use App\Exchange\ChoicesReader;
use InchLadder\Grid\Edge;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums\Writing;

/** A boxed thing that a line runs through: the crop moves a little until it lies in one cell, if it can. */
final readonly class KeepWhole implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $crop = $plan->fitted->crop;
        [$left, $across] = $this->shift($plan->grid->across, How::share($how, 'left')->minus($crop->left)->dividedBy($crop->width), How::share($how, 'width')->dividedBy($crop->width));
        [$top, $down] = $this->shift($plan->grid->down, How::share($how, 'top')->minus($crop->top)->dividedBy($crop->height), How::share($how, 'height')->dividedBy($crop->height));
        if (! $across || ! $down) {
            return new Adjusted([], 'It is larger than one cell, so a line must run through it; larger cells would keep it whole.');
        }
        $moved = $crop->movedTo($crop->left->plus($left->times($crop->width)), $crop->top->plus($top->times($crop->height)));
        $ends = ! $moved->left->isEqualTo($crop->left->plus($left->times($crop->width))) || ! $moved->top->isEqualTo($crop->top->plus($top->times($crop->height)));
        $write = new Writing($plan->choices->notation);
        $cost = implode(' and ', array_filter([
            $left->isZero() ? null : $write->reading($plan->fitted->area->width->times($left->abs())).' '.($left->isPositive() ? 'to the right' : 'to the left'),
            $top->isZero() ? null : $write->reading($plan->fitted->area->height->times($top->abs())).' '.($top->isPositive() ? 'down' : 'up'),
        ]));

        return new Adjusted($ends || $cost === '' ? [] : ['fit' => ['left' => (string) $moved->left, 'top' => (string) $moved->top]], match (true) {
            $cost === '' => 'No line runs through it.',
            $ends => 'The photo ends before the crop could move far enough, so it stays; a smaller crop would let it.',
            default => "The crop moved by {$cost} on the paper; no line runs through it now.",
        });
    }

    /** @return array{Rational, bool} how far the crop has to go, as a share of its side, and whether the thing fits a cell */
    private function shift(Edge $edge, Rational $start, Rational $length): array
    {
        $part = $edge->partAt($start->plus($length->dividedBy(2))->toFloat());
        [$from, $to] = [$edge->fractions[$part], $edge->fractions[$part + 1]];
        if ($length->isGreaterThan($edge->span($part))) {
            return [Rational::zero(), false];
        }
        $before = $start->minus($from);
        $after = $start->plus($length)->minus($to);

        return [match (true) {
            $before->isNegative() => $before,
            $after->isPositive() => $after,
            default => Rational::zero(),
        }, true];
    }
}
