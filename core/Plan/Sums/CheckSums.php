<?php

declare(strict_types=1);

namespace InchLadder\Plan\Sums;

use InchLadder\Measuring\Misfit;
use InchLadder\Measuring\Span;
use InchLadder\Measuring\Spanned;
use InchLadder\Plan\Plan;

/** What the lengths that were measured say of the drawing. */
final readonly class CheckSums
{
    /** @var list<Spanned> */
    public array $spans;

    /** @var array<int, Misfit> by the place of their span */
    private array $misfits;

    /** @var array<int, Misfit> those that do not pass */
    private array $out;

    public function __construct(private Plan $plan)
    {
        $choices = $plan->choices;
        $this->spans = array_map(static fn (Span $span): Spanned => Spanned::of($plan, $span), $choices->spans);
        $this->misfits = array_filter(array_map(static fn (Spanned $span): ?Misfit => $span->misfit(), $this->spans));
        $this->out = array_filter($this->misfits, static fn (Misfit $misfit): bool => ! $misfit->passes($choices->subject, $choices->notation));
    }

    /** @return list<string> the names of the lengths that do not pass */
    public function out(): array
    {
        return array_map(fn (int $span): string => $this->spans[$span]->span->name, array_keys($this->out));
    }

    /** How it stands, in a few words. */
    public function decision(): string
    {
        [$spans, $measured] = [count($this->spans), count($this->misfits)];

        return match (true) {
            $spans === 0 => 'nothing compared yet',
            $measured === 0 => $spans === 1 ? '1 length taken' : "{$spans} lengths taken",
            $this->out === [] => "{$measured} measured, all right",
            $this->allOver() !== null => 'in proportion, another size',
            default => count($this->out)." of {$measured} out",
        };
    }

    /** @return list<string> */
    public function lines(): array
    {
        if ($this->spans === []) {
            return [];
        }
        $subject = $this->plan->choices->subject;
        $name = $subject->value === 'buildings' ? 'buildings' : "a {$subject->value}";

        return array_values(array_filter([
            "What is drawn is {$name}: {$subject->departurePercent()} % of a length passes (common practice), and always half a graduation.",
            $this->misfits !== [] && $this->out === [] ? 'Every length that was measured passes: this is good enough.' : null,
            $this->out === [] ? null : ($this->allOver() ?? $this->worst()),
        ]));
    }

    /** When all are out the same way by about as much, the whole is larger or smaller, which is no fault of proportion; null when it is not so. */
    private function allOver(): ?string
    {
        $shares = array_map(static fn (Misfit $misfit): float => $misfit->share()->toFloat(), array_values($this->misfits));
        if (count($shares) < 2 || min($shares) * max($shares) <= 0 || max($shares) - min($shares) >= $this->plan->choices->subject->departurePercent() / 100) {
            return null;
        }
        $percent = round(100 * abs(array_sum($shares) / count($shares)), 1);

        return "All of them are about {$percent} % too ".(min($shares) > 0 ? 'long' : 'short').': the whole is drawn '.(min($shares) > 0 ? 'larger' : 'smaller').', and in proportion.';
    }

    private function worst(): string
    {
        $out = $this->out;
        uasort($out, static fn (Misfit $a, Misfit $b): int => $b->share()->abs()->compareTo($a->share()->abs()));
        $worst = (int) array_key_first($out);

        return "Farthest out is {$this->spans[$worst]->span->name}: {$out[$worst]->words($this->plan->choices->notation)}. Put it right first, then measure again: it may cure others.";
    }
}
