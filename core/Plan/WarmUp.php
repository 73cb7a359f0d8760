<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Checking\Alignment;
use InchLadder\Checking\Landmark;
use InchLadder\Checking\Proportion;
use InchLadder\Checking\SpanOnPaper;
use InchLadder\Layout\Span;
use InchLadder\Measure\Rational;
use InchLadder\Things\ThingInCrop;

/** What governs a picture, before a line is drawn: a handful of proportions and slopes measured on this very one, none from a recipe. */
final readonly class WarmUp
{
    /**
     * @param  Proportion  $frame  how many times its shorter side the longer one of the picture goes
     * @param  list<array{ThingInCrop, Proportion}>  $things  the largest, and how many times its height each is wide
     * @param  list<array{string, string, Proportion}>  $parts  part, whole, and how many times the part's width goes into the whole's
     * @param  list<array{SpanOnPaper, SpanOnPaper, Proportion}>  $lengths  one length, another, and how many times the other it is
     * @param  list<Alignment>  $aligned  all there are; the first WARM_ALIGNED are enough to warm up by
     */
    private function __construct(public Proportion $frame, public bool $isUpright, public array $things, public array $parts, public array $lengths, public array $aligned)
    {
    }

    /** @param  list<Landmark>  $landmarks  places that can lie in line */
    public static function of(Plan $plan, array $landmarks): self
    {
        $area = $plan->layout->fitted->area;
        $ratio = $area->ratio();
        $size = static fn (ThingInCrop $thing): float => array_product($thing->size());
        $things = array_values(array_filter($plan->things()->all, static fn (ThingInCrop $thing): bool => $size($thing) > 0));
        usort($things, static fn (ThingInCrop $a, ThingInCrop $b): int => $size($b) <=> $size($a));
        $wide = static fn (ThingInCrop $thing): Proportion => Proportion::of(Rational::near(($thing->right - $thing->left) / ($thing->bottom - $thing->top), 4)->times($ratio));

        $parts = [];
        foreach (Features::of($plan) as $whole) {
            foreach ($whole->shares as $share) {
                $share->of === 'width' && $share->wanted > 0 && $parts[] = [$share->part, $whole->whole, Proportion::of(Rational::near(1 / $share->wanted, 4))];
            }
        }
        $spans = array_map(static fn (Span $span): SpanOnPaper => SpanOnPaper::of($plan->layout, $span), $plan->layout->spans);
        usort($spans, static fn (SpanOnPaper $a, SpanOnPaper $b): int => $b->paper->toFloat() <=> $a->paper->toFloat());

        return new self(
            Proportion::of($ratio->isLessThan(1) ? Rational::one()->dividedBy($ratio) : $ratio),
            $ratio->isLessThan(1),
            array_map(static fn (ThingInCrop $thing): array => [$thing, $wide($thing)], array_slice($things, 0, Figures::WARM_THINGS)),
            array_slice($parts, 0, Figures::WARM_PARTS),
            array_map(static fn (SpanOnPaper $one): array => [$one, $spans[0], $one->against($spans[0])], array_slice($spans, 1, Figures::WARM_LENGTHS)),
            Alignment::among($landmarks, $area),
        );
    }
}
