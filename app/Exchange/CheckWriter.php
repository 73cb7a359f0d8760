<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Json\CheckJson;
use App\Exchange\Json\SpanJson;
use InchLadder\Measure\Length;
use InchLadder\Measuring\Alignment;
use InchLadder\Measuring\Misfit;
use InchLadder\Measuring\Span;
use InchLadder\Measuring\Spanned;
use InchLadder\Plan\Plan;

/** Writes what is compared on the reference, and with the drawing. */
final readonly class CheckWriter
{
    public function __construct(private Plan $plan)
    {
    }

    /** @param  bool  $wanted  whether more than the decision is; nothing of it shows on other rungs */
    public function check(bool $wanted = true): CheckJson
    {
        $plan = $this->plan;
        $spans = array_map(static fn (Span $span): Spanned => Spanned::of($plan, $span), $plan->choices->spans);
        $misfits = array_filter(array_map(static fn (Spanned $span): ?Misfit => $span->misfit(), $spans));

        $decision = $this->decision(count($spans), $misfits);
        if (! $wanted) {
            return new CheckJson($decision, [], [], []);
        }

        return new CheckJson(
            $decision,
            array_map(fn (Spanned $span): SpanJson => $this->span($span, $spans[0]), $spans),
            array_map(fn (Alignment $alignment): string => $alignment->words($plan->choices->notation), Alignment::among($plan->points(), $plan->fitted->area)),
            $this->sums($spans, $misfits),
        );
    }

    private function span(Spanned $span, Spanned $first): SpanJson
    {
        $misfit = $span->misfit();
        $for = $span->onPaper->forSoMuchAcross();
        $onPhoto = $span->onPhoto->words();

        return new SpanJson(
            $span->span->name,
            round($span->x1->toFloat(), 6), round($span->y1->toFloat(), 6), round($span->x2->toFloat(), 6), round($span->y2->toFloat(), 6),
            $this->read($span->paper),
            $span->print === null ? null : $this->read($span->print),
            $span->onPaper->words().($for === null ? '' : ", {$for}").($this->plan->scale->keepsProportion() || $onPhoto === $span->onPaper->words() ? '' : "; on the photo it {$onPhoto}"),
            $span === $first ? null : $span->against($first)->words($first->span->name),
            $misfit?->words($this->plan->choices->notation),
            $misfit?->passes($this->plan->choices->subject, $this->plan->choices->notation),
        );
    }

    /** @param  array<int, Misfit>  $misfits */
    private function decision(int $spans, array $misfits): string
    {
        $out = $this->out($misfits);

        return match (true) {
            $spans === 0 => 'nothing compared yet',
            $misfits === [] => $spans === 1 ? '1 length taken' : "{$spans} lengths taken",
            $out === [] => count($misfits).' measured, all right',
            default => count($out).' of '.count($misfits).' out',
        };
    }

    /**
     * @param  list<Spanned>  $spans
     * @param  array<int, Misfit>  $misfits  by the place of their span
     * @return list<string>
     */
    private function sums(array $spans, array $misfits): array
    {
        if ($spans === []) {
            return [];
        }
        $subject = $this->plan->choices->subject;
        $lines = ["What is drawn is {$this->a($subject->value)}: {$subject->departurePercent()} % of a length passes (common practice), and always half a graduation."];
        $out = $this->out($misfits);
        if ($misfits !== [] && $out === []) {
            $lines[] = 'Every length that was measured passes: this is good enough.';
        }
        if ($out !== []) {
            uasort($out, static fn (Misfit $a, Misfit $b): int => $b->share()->abs()->compareTo($a->share()->abs()));
            $worst = array_key_first($out);
            $lines[] = "Farthest out is {$spans[$worst]->span->name}: {$out[$worst]->words($this->plan->choices->notation)}. Put it right first, then measure again: it may cure others.";
        }
        // When all are out the same way, the drawing is larger or smaller as a whole, which is no fault of proportion.
        $shares = array_map(static fn (Misfit $misfit): float => $misfit->share()->toFloat(), array_values($misfits));
        if (count($shares) > 1 && (min($shares) > 0 || max($shares) < 0) && max($shares) - min($shares) < $subject->departurePercent() / 100 && $out !== []) {
            $percent = round(100 * abs(array_sum($shares) / count($shares)), 1);
            $lines[] = "All of them are about {$percent} % too ".(min($shares) > 0 ? 'long' : 'short').': the whole is drawn '.(min($shares) > 0 ? 'larger' : 'smaller').', and in proportion.';
        }

        return $lines;
    }

    /**
     * @param  array<int, Misfit>  $misfits
     * @return array<int, Misfit> those that do not pass
     */
    private function out(array $misfits): array
    {
        return array_filter($misfits, fn (Misfit $misfit): bool => ! $misfit->passes($this->plan->choices->subject, $this->plan->choices->notation));
    }

    private function read(Length $length): string
    {
        $rounded = $this->plan->choices->notation->ruler->round($length);

        return $this->plan->choices->notation->plain($rounded->reading);
    }

    private function a(string $subject): string
    {
        return $subject === 'buildings' ? $subject : "a {$subject}";
    }
}
