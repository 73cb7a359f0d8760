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
            'Sheet '.$this->write->size($this->plan->layout->sheet).'.',
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
            $warnings[] = "This is further from {$standard->name} than {$standard->source} allows; it may be another sheet. The measured size counts.";
        }
        $margins = $plan->choices->margins;
        $over = array_keys(array_filter([
            'left' => $margins->left->isLongerThan($plan->layout->left), 'top' => $margins->top->isLongerThan($plan->layout->top),
            'right' => $margins->right->isLongerThan($plan->layout->right()), 'bottom' => $margins->bottom->isLongerThan($plan->layout->bottom()),
        ]));
        if ($over !== []) {
            $warnings[] = 'The drawing lies over the margin at the '.implode(' and the ', $over).'.'.$this->covered();
        }
        $least = Length::mm(Figures::LEAST_MARGIN_MM);
        $nearest = Length::smaller(Length::smaller($plan->layout->left, $plan->layout->right()), Length::smaller($plan->layout->top, $plan->layout->bottom()));
        if ($least->isLongerThan($nearest)) {
            $warnings[] = "The drawing comes within {$this->write->reading($nearest)} of an edge; {$this->write->reading($least)} leaves room for tape and fingers (common practice).";
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
            'upright lines' => $numbers($plan->layout->grid->columns, $across),
            'level lines' => $numbers($plan->layout->grid->rows, $down),
            'the points' => implode(', ', array_map(static fn (Placed $placed): string => $placed->point->name, array_filter($plan->layout->points(), static fn (Placed $placed): bool => $placed->isInside() && ($across($placed->x) || $down($placed->y))))),
            'the lengths' => implode(', ', array_map(static fn (SpanOnPaper $spanned): string => $spanned->span->name, array_filter(
                array_map(static fn (Span $span): SpanOnPaper => SpanOnPaper::of($plan->layout, $span), $plan->choices->spans),
                static fn (SpanOnPaper $spanned): bool => $across($spanned->x1) || $across($spanned->x2) || $down($spanned->y1) || $down($spanned->y2),
            ))),
        ], static fn (string $names): bool => $names !== '');

        return $covered === [] ? '' : ' Under it lie '.implode('; ', array_map(static fn (string $kind, string $names): string => "{$kind} {$names}", array_keys($covered), $covered)).'.';
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
            $difference->isZero() => 'as it should be',
            $difference->isPositive() => $this->write->plain($difference).' over',
            default => $this->write->plain($difference->absolute()).' short',
        };

        return "{$standard->name} is {$this->write->size($standard->size)}: the short side is {$off($measured->short)}, the long side {$off($measured->long)}. The measured size counts.";
    }

    /** @return list<string> */
    private function margins(): array
    {
        $plan = $this->plan;
        $margins = $plan->choices->margins;
        $lines = [];
        foreach ([['across', $plan->layout->sheet->width, $margins->left, $margins->right, $plan->layout->usable->width], ['down', $plan->layout->sheet->height, $margins->top, $margins->bottom, $plan->layout->usable->height]] as [$way, $whole, $first, $second, $left]) {
            if ($first->isPositive() || $second->isPositive()) {
                $lines[] = "{$this->write->amount($whole)} − {$this->write->amount($first)} − {$this->write->amount($second)} = {$this->write->plain($left)} to draw on, {$way}.";
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

        return 'The margins take '.Writing::percent($taken).' of the sheet'.($without === null || ! $without->width->isLongerThan($this->plan->layout->fitted->area->width) ? '.' : "; without them the drawing would be {$this->write->readSize($without)}.");
    }

    /** @return list<string> */
    private function place(): array
    {
        $plan = $this->plan;
        [$left, $top, $right, $bottom] = array_map($this->write->read(...), [$plan->layout->left, $plan->layout->top, $plan->layout->right(), $plan->layout->bottom()]);
        $even = $plan->layout->left->equals($plan->layout->right()) ? 'left and right are equal' : 'left and right differ';
        $size = $plan->layout->fitted->area;
        [$far, $low] = [$this->write->read($plan->layout->left->plus($size->width)), $this->write->read($plan->layout->top->plus($size->height))];

        return [
            "To the edges: {$left} left, {$right} right, {$top} above, {$bottom} below; {$even}.",
            "Corners, from the left edge and the top: {$left} and {$top}, {$far} and {$top}, {$left} and {$low}, {$far} and {$low}.",
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

        return "The farthest mark lies {$this->write->reading($longest)} from the zero corner: a ruler of {$this->write->plain($ruler)} ".($layings <= 1 ? 'reaches it.' : "is laid {$layings} times.");
    }
}
