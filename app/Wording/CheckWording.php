<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Checking\Alignment;
use InchLadder\Checking\Deviation;
use InchLadder\Checking\Judgement;
use InchLadder\Checking\Odd;
use InchLadder\Checking\PairOfLengths;
use InchLadder\Checking\Proportion;
use InchLadder\Checking\Sized;
use InchLadder\Checking\SpanOnPaper;
use InchLadder\Layout\Span;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** What the lengths that were measured say of the drawing. */
final readonly class CheckWording
{
    /** @var list<SpanOnPaper> */
    public array $spans;

    /** @var array<int, Deviation> by the place of their span */
    private array $misfits;

    private Judgement $judged;

    public function __construct(private Plan $plan)
    {
        $choices = $plan->choices;
        $this->spans = array_map(static fn (Span $span): SpanOnPaper => SpanOnPaper::of($plan->layout, $span), $choices->spans);
        $this->misfits = array_filter(array_map(static fn (SpanOnPaper $span): ?Deviation => $span->misfit(), $this->spans));
        $this->judged = Judgement::of($this->misfits, $choices->subject->departurePercent() / 100, $choices->notation->ruler->step->dividedBy(2));
    }

    /** Whether a length passes; null when it was not measured. */
    public function passes(int $span): ?bool
    {
        return $this->judged->passes[$span] ?? null;
    }

    /** @return list<string> the names of the lengths that do not pass */
    public function out(): array
    {
        return array_map(fn (int $span): string => $this->spans[$span]->span->name, $this->judged->out());
    }

    /** How it stands, in a few words. */
    public function decision(): string
    {
        [$spans, $measured, $out] = [count($this->spans), count($this->misfits), count($this->judged->out())];

        return match (true) {
            $spans === 0 => Say::it('decisions.check.nothing'),
            $measured === 0 => Say::counted('decisions.check.taken', $spans),
            $out > 0 => Say::it('decisions.check.out', ['out' => $out, 'measured' => $measured]),
            $this->judged->isAnotherSize() => Say::it('decisions.check.another size'),
            $measured < $spans => Say::it('decisions.check.so far', ['measured' => $measured, 'all' => $spans]),
            default => Say::it('decisions.check.right', ['measured' => $measured]),
        };
    }

    /** @return list<string> */
    public function lines(): array
    {
        if ($this->spans === []) {
            return [];
        }
        $subject = $this->plan->choices->subject;

        return array_values(array_filter([
            Say::it('checking.passes', ['subject' => Say::it("checking.subjects.{$subject->value}"), 'percent' => $subject->departurePercent()]),
            $this->size(),
            $this->judged->out() === [] ? $this->passing() : $this->worst(),
        ]));
    }

    /** Another size all over is no fault of proportion; null when it is the right one. */
    private function size(): ?string
    {
        if (! $this->judged->isAnotherSize()) {
            return null;
        }
        $percent = Fractions::places(Rational::near(abs($this->judged->size - 1) * 100, 1), 1);

        return Say::it('checking.size.'.($this->judged->out() === [] ? 'all' : 'most').' '.($this->judged->size > 1 ? 'larger' : 'smaller'), ['percent' => $percent]);
    }

    private function passing(): ?string
    {
        $open = count($this->spans) - count($this->misfits);

        return match (true) {
            $this->misfits === [] => null,
            $open === 0 => Say::it('checking.good enough'),
            default => Say::counted('checking.not yet', $open),
        };
    }

    private function worst(): string
    {
        $out = array_intersect_key($this->misfits, array_flip($this->judged->out()));
        uasort($out, fn (Deviation $a, Deviation $b): int => $this->beyond($b) <=> $this->beyond($a));
        $worst = (int) array_key_first($out);

        return Say::it('checking.worst', ['name' => $this->spans[$worst]->span->name, 'off' => self::deviation($out[$worst], $this->plan->choices->notation)]);
    }

    /** How far a length is out once the size of the whole is taken off, as a share of itself. */
    private function beyond(Deviation $misfit): float
    {
        return abs((1 + $misfit->share()->toFloat()) / $this->judged->size - 1);
    }

    /** `spout is plumb under rim`, `handle is level with spout, but for 1/8 in above` */
    public static function alignment(Alignment $alignment, Notation $notation): string
    {
        [$first, $second] = [$alignment->first, $alignment->second];
        $way = match (true) {
            ! $alignment->plumb => 'level',
            $second->y->isGreaterThan($first->y) => 'under',
            default => 'over',
        };
        $says = Say::it("checking.alignment.{$way}", ['first' => $first->name, 'second' => $second->name]);
        $reading = $notation->ruler->round($alignment->off->absolute())->reading;
        $side = ($alignment->plumb ? ['left', 'right'] : ['above', 'below'])[$alignment->off->isPositive() ? 1 : 0];

        return $reading->isZero() ? $says : Say::it('checking.alignment.but for', ['says' => $says, 'off' => $notation->plain($reading), 'side' => Say::it("checking.alignment.{$side}")]);
    }

    /**
     * How the drawing has what lies under what.
     *
     * @param  float  $off  mm on the drawing, as Alignment counts
     */
    public static function aligned(Alignment $alignment, float $off, bool $same, Notation $notation): string
    {
        $reading = $notation->ruler->round(Length::mm(Rational::near(abs($off), 4)))->reading;

        return $same ? Say::it('checking.aligned.same') : Say::it('checking.aligned.else', ['off' => $notation->plain($reading), 'side' => Say::it('checking.alignment.'.($alignment->plumb ? ['left', 'right'] : ['above', 'below'])[$off > 0 ? 1 : 0])]);
    }

    /** What has a length, by name: one that was taken by its own, a size or a gap by its things'. */
    private static function sized(Sized $sized): string
    {
        return Say::it("checking.sized.{$sized->of}", ['name' => $sized->names[0], 'other' => $sized->names[1] ?? '']);
    }

    /** One length against another, on the photo and on the drawing. */
    public static function pair(PairOfLengths $pair): string
    {
        $wanted = Say::it('checking.pair.photo', ['one' => self::sized($pair->one), 'says' => self::proportion($pair->wanted, self::sized($pair->other))]);
        $misfit = $pair->misfit();
        if ($pair->drawn === null || $misfit === null) {
            return $wanted;
        }
        $percent = Fractions::places($misfit->abs()->times(100), 1);

        return Say::it('checking.pair.'.($misfit->abs()->isLessThan(Rational::nd(1, 200)) ? 'same' : ($misfit->isPositive() ? 'long' : 'short')), ['photo' => $wanted, 'ratio' => Fractions::places($pair->drawn->ratio, 2), 'percent' => $percent]);
    }

    /** `1/8 in too long, 4.2 %`, or `right to the graduation` */
    /** Why a length that looks odd is right. */
    public static function odd(Odd $odd): string
    {
        return $odd->share < 1
            ? Say::it('checking.odd.short', ['name' => $odd->span->span->name, 'percent' => (int) round(100 * $odd->share)])
            : Say::it('checking.odd.slant', ['name' => $odd->span->span->name, 'degrees' => (int) round($odd->turned)]);
    }

    public static function deviation(Deviation $deviation, Notation $notation): string
    {
        $reading = $notation->ruler->round($deviation->off->absolute())->reading;

        return $reading->isZero() ? Say::it('checking.deviation.right') : Say::it(
            $deviation->off->isPositive() ? 'checking.deviation.long' : 'checking.deviation.short',
            ['off' => $notation->plain($reading), 'share' => Fractions::places($deviation->share()->abs()->times(100), 1)],
        );
    }

    /** `2/3 of it`, `as long as it`, `1 3/4 times it`; with the exact number beside it where that differs */
    public static function proportion(Proportion $proportion, string $other): string
    {
        $nearest = $proportion->nearest;
        $says = Say::it('checking.proportion.'.match (true) {
            $nearest->isEqualTo(1) => 'as long',
            $nearest->isZero() => 'hardly',
            $nearest->isLessThan(1) => 'of',
            default => 'times',
        }, ['other' => $other, 'times' => Fractions::mixed($nearest)]);

        return $nearest->isEqualTo($proportion->ratio) ? $says : Say::it('checking.proportion.exactly', ['says' => $says, 'ratio' => Fractions::places($proportion->ratio, 2)]);
    }
}
