<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Checking\SpanOnPaper;
use InchLadder\Impossible;
use InchLadder\Layout\Placed;
use InchLadder\Layout\Span;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Figures;
use InchLadder\Paper\Measured;
use InchLadder\Plan\Plan;

/** The sheet, what its margins cost, and where the drawing lies on it. */
final readonly class PaperWorkings
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
            Say::it('paper.sheet', ['size' => $this->write->size($this->plan->layout->sheet)]),
            $this->measured(),
            ...$this->margins(),
            $this->price(),
            ...$this->place(),
            $this->reach(),
        ]));
    }

    /** @return list<string> what needs the eye */
    public function warnings(): array
    {
        $plan = $this->plan;
        $warnings = [];
        $standard = $plan->choices->standard;
        if ($standard !== null && Measured::against($standard, $plan->choices->sheet)->isWithinTolerance === false) {
            $warnings[] = Say::it('paper.other sheet', ['name' => $standard->name, 'source' => Phrases::source($standard)]);
        }
        $margins = $plan->choices->margins;
        $over = array_keys(array_filter([
            'left' => $margins->left->isLongerThan($plan->layout->left), 'top' => $margins->top->isLongerThan($plan->layout->top),
            'right' => $margins->right->isLongerThan($plan->layout->right()), 'bottom' => $margins->bottom->isLongerThan($plan->layout->bottom()),
        ]));
        if ($over !== []) {
            $sides = implode(Say::it('paper.and the'), array_map(static fn (string $side): string => Say::it("paper.sides.{$side}"), $over));
            $warnings[] = trim(Say::it('paper.over the margin', ['sides' => $sides]).' '.$this->covered());
        }
        $least = Length::mm(Figures::LEAST_MARGIN_MM);
        $nearest = Length::smaller(Length::smaller($plan->layout->left, $plan->layout->right()), Length::smaller($plan->layout->top, $plan->layout->bottom()));
        if ($least->isLongerThan($nearest)) {
            $warnings[] = Say::it('paper.near an edge', ['nearest' => $this->write->reading($nearest), 'least' => $this->write->reading($least)]);
        }

        return $warnings;
    }

    /** What lies under the tape, the mat or the cut, by name: gridlines, key points, lengths of Check. */
    private function covered(): string
    {
        $plan = $this->plan;
        $margins = $plan->choices->margins;
        $under = static fn (Length $at, Length $before, Length $after, Length $side): bool => $before->isLongerThan($at) || $at->isLongerThan($side->minus($after));
        $across = static fn (Rational $share): bool => $under($plan->layout->left->plus($plan->layout->fitted->area->width->times($share)), $margins->left, $margins->right, $plan->layout->sheet->width);
        $down = static fn (Rational $share): bool => $under($plan->layout->top->plus($plan->layout->fitted->area->height->times($share)), $margins->top, $margins->bottom, $plan->layout->sheet->height);
        $numbers = static fn (array $shares, \Closure $isUnder): string => implode(', ', array_keys(array_filter($shares, $isUnder)));
        $covered = array_filter([
            'upright' => $numbers($plan->layout->grid->columns, $across),
            'level' => $numbers($plan->layout->grid->rows, $down),
            'points' => implode(', ', array_map(static fn (Placed $placed): string => $placed->point->name, array_filter($plan->layout->points(), static fn (Placed $placed): bool => $placed->isInside() && ($across($placed->x) || $down($placed->y))))),
            'lengths' => implode(', ', array_map(static fn (SpanOnPaper $spanned): string => $spanned->span->name, array_filter(
                array_map(static fn (Span $span): SpanOnPaper => SpanOnPaper::of($plan->layout, $span), $plan->choices->spans),
                static fn (SpanOnPaper $spanned): bool => $across($spanned->x1) || $across($spanned->x2) || $down($spanned->y1) || $down($spanned->y2),
            ))),
        ], static fn (string $names): bool => $names !== '');

        return $covered === [] ? '' : Say::it('paper.covered', ['what' => implode('; ', array_map(static fn (string $kind, string $names): string => Say::it("paper.covers.{$kind}", ['names' => $names]), array_keys($covered), $covered))]);
    }

    private function measured(): ?string
    {
        $standard = $this->plan->choices->standard;
        if ($standard === null) {
            return null;
        }
        $measured = Measured::against($standard, $this->plan->choices->sheet);
        if ($measured->isExact()) {
            return null;
        }
        $off = fn (Length $difference): string => match (true) {
            $difference->isZero() => Say::it('paper.off.none'),
            $difference->isPositive() => Say::it('paper.off.over', ['off' => $this->write->plain($difference)]),
            default => Say::it('paper.off.short', ['off' => $this->write->plain($difference->absolute())]),
        };

        return Say::it('paper.measured', ['name' => $standard->name, 'size' => $this->write->size($standard->size), 'short' => $off($measured->short), 'long' => $off($measured->long)]);
    }

    /** @return list<string> */
    private function margins(): array
    {
        $plan = $this->plan;
        $margins = $plan->choices->margins;
        $lines = [];
        foreach ([['across', $plan->layout->sheet->width, $margins->left, $margins->right, $plan->layout->usable->width], ['down', $plan->layout->sheet->height, $margins->top, $margins->bottom, $plan->layout->usable->height]] as [$way, $whole, $first, $second, $left]) {
            if ($first->isPositive() || $second->isPositive()) {
                $lines[] = Say::it("paper.margins.{$way}", ['whole' => $this->write->amount($whole), 'first' => $this->write->amount($first), 'second' => $this->write->amount($second), 'left' => $this->write->plain($left)]);
            }
        }

        return $lines;
    }

    private function price(): ?string
    {
        $taken = Rational::one()->minus($this->plan->layout->usable->shareOf($this->plan->layout->sheet));

        if ($taken->isZero()) {
            return null;
        }
        try {
            $without = $this->plan->choices->fit->onto($this->plan->layout->reference, $this->plan->choices->shape->inside($this->plan->layout->sheet))->area;
        } catch (Impossible) {
            $without = null;
        }

        $larger = $without !== null && $without->width->isLongerThan($this->plan->layout->fitted->area->width);

        return Say::it($larger ? 'paper.price and size' : 'paper.price', ['share' => Writing::percent($taken), 'size' => $larger ? $this->write->readSize($without) : '']);
    }

    /** @return list<string> */
    private function place(): array
    {
        $plan = $this->plan;
        [$left, $top, $right, $bottom] = array_map($this->write->read(...), [$plan->layout->left, $plan->layout->top, $plan->layout->right(), $plan->layout->bottom()]);
        $size = $plan->layout->fitted->area;
        [$far, $low] = [$this->write->read($plan->layout->left->plus($size->width)), $this->write->read($plan->layout->top->plus($size->height))];

        return [
            Say::it('paper.edges.'.($plan->layout->left->equals($plan->layout->right()) ? 'equal' : 'differ'), ['left' => $left, 'right' => $right, 'top' => $top, 'bottom' => $bottom]),
            Say::it('paper.corners', ['left' => $left, 'top' => $top, 'far' => $far, 'low' => $low]),
        ];
    }

    private function reach(): ?string
    {
        $plan = $this->plan;
        $ruler = $plan->choices->reach;
        if ($ruler === null) {
            return null;
        }
        $farthest = new Size($plan->layout->left->plus($plan->layout->fitted->area->width), $plan->layout->top->plus($plan->layout->fitted->area->height));
        $longest = $farthest->width->isLongerThan($farthest->height) ? $farthest->width : $farthest->height;
        $layings = $longest->over($ruler)->ceiling();

        return Say::counted('paper.reach', max(1, $layings), ['farthest' => $this->write->reading($longest), 'ruler' => $this->write->plain($ruler)]);
    }
}
