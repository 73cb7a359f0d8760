<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\CheckJson;
use App\Wire\Json\PlaceByRulerJson;
use App\Wire\Json\RelationJson;
use App\Wire\Json\SpanJson;
use App\Wording\CheckWording;
use App\Wording\CompareWording;
use App\Wording\Phrases;
use App\Wording\RelationWording;
use App\Wording\Writing;
use InchLadder\Checking\Alignment;
use InchLadder\Checking\Landmark;
use InchLadder\Checking\Odd;
use InchLadder\Checking\PairOfLengths;
use InchLadder\Checking\Sized;
use InchLadder\Checking\SpanOnPaper;
use InchLadder\Compare\Judged;
use InchLadder\Layout\KeyPoint;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Plan;
use InchLadder\Things\Relation;
use InchLadder\Things\Relations;

/** Writes what is compared on the reference, and with the drawing. */
final readonly class CheckWriter
{
    /** Pairs of lengths told; the others are nearer to right. */
    public const MOST_PAIRS = 15;

    public function __construct(private Plan $plan)
    {
    }

    /** @param  bool  $wanted  whether more than the decision is; nothing of it shows on other rungs */
    public function check(bool $wanted = true): CheckJson
    {
        $plan = $this->plan;
        $sums = new CheckWording($plan);
        if (! $wanted) {
            return new CheckJson($sums->decision(), [], [], []);
        }

        $odd = Odd::among($plan->layout);

        return new CheckJson(
            $sums->decision(),
            array_map(fn (SpanOnPaper $span, int $i): SpanJson => $this->span($span, $sums->spans[0], array_values(array_filter($odd, static fn (Odd $one): bool => $one->span->span === $span->span))[0] ?? null, $sums->passes($i)), $sums->spans, array_keys($sums->spans)),
            array_map(static fn (Alignment $alignment): string => CheckWording::alignment($alignment, $plan->choices->notation), Alignment::among(Landmark::ofPoints($plan->layout->points()), $plan->layout->fitted->area)),
            $sums->lines(),
            array_map(static fn (PairOfLengths $pair): string => CheckWording::pair($pair), PairOfLengths::among(array_map(Sized::span(...), $sums->spans), self::MOST_PAIRS)),
            $this->places(),
            $this->relations(),
        );
    }

    /** @return list<RelationJson> */
    private function relations(): array
    {
        $say = new RelationWording($this->plan->layout);

        return array_map(fn (Relation $one): RelationJson => new RelationJson($one->key(), $say->says($one), in_array($one->key(), $this->plan->choices->related, true)), Relations::among($this->plan->layout, $this->plan->things()));
    }

    /** @return list<PlaceByRulerJson> */
    private function places(): array
    {
        $places = Comparison::byRuler($this->plan);
        $names = array_map(static fn (KeyPoint $point): string => $point->name, $this->plan->layout->keyPoints);
        $say = new CompareWording($this->plan, [], $names);

        return array_map(static fn (int $i, Judged $one): PlaceByRulerJson => new PlaceByRulerJson($i, $names[$i], $one->within, $say->says($one), $say->amounts($one)), array_keys($places), array_values($places));
    }

    private function span(SpanOnPaper $span, SpanOnPaper $first, ?Odd $odd, ?bool $passes): SpanJson
    {
        $write = new Writing($this->plan->choices->notation);
        $misfit = $span->misfit();
        $for = Phrases::slopeWithoutProtractor($span->onPaper);
        $onPhoto = Phrases::slope($span->onPhoto);

        return new SpanJson(
            $span->span->name,
            round($span->x1->toFloat(), 6), round($span->y1->toFloat(), 6), round($span->x2->toFloat(), 6), round($span->y2->toFloat(), 6),
            $write->reading($span->paper),
            $span->print === null ? null : $write->reading($span->print),
            Phrases::slope($span->onPaper).($for === null ? '' : ", {$for}").($this->plan->layout->scale->keepsProportion() || $onPhoto === Phrases::slope($span->onPaper) ? '' : "; on the photo it {$onPhoto}"),
            $span === $first ? null : CheckWording::proportion($span->against($first), $first->span->name),
            $misfit === null ? null : CheckWording::deviation($misfit, $this->plan->choices->notation),
            $odd === null ? null : CheckWording::odd($odd),
            $passes,
        );
    }
}
