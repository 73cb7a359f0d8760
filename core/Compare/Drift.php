<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** How far off one place was, shot by shot. */
final readonly class Drift
{
    /**
     * @param  list<float|null>  $off  mm, the oldest first; null where it was not measured
     * @param  list<bool|null>  $passed
     */
    private function __construct(public string $name, public bool $critical, public array $off, private array $passed)
    {
    }

    /**
     * @param  list<Verdict|null>  $verdicts  the oldest first; null where a shot could not be judged
     * @param  list<Wanted>  $wanted
     * @return list<self> critical places first, then those that drifted most
     */
    public static function among(array $verdicts, array $wanted): array
    {
        $all = [];
        foreach ($wanted as $one) {
            [$off, $passed] = [[], []];
            foreach ($verdicts as $verdict) {
                $judged = null;
                foreach ($verdict->points ?? [] as $point) {
                    if ($point->measured->name === $one->key && $point->measured->counts()) {
                        $judged = $point;
                    }
                }
                $off[] = $judged?->left;
                $passed[] = $judged?->within;
            }
            array_filter($off, static fn (?float $mm): bool => $mm !== null) === [] || $all[] = new self($one->key, $one->critical, $off, $passed);
        }
        usort($all, static fn (self $a, self $b): int => [$b->critical, $b->drifted(), $b->last()] <=> [$a->critical, $a->drifted(), $a->last()]);

        return $all;
    }

    /** Where it stands at the last shot it was measured in. */
    public function last(): float
    {
        $known = array_values(array_filter($this->off, static fn (?float $mm): bool => $mm !== null));

        return $known === [] ? 0.0 : $known[count($known) - 1];
    }

    /** Whether it passed the time before, and does no more. */
    public function drifted(): bool
    {
        $known = array_values(array_filter($this->passed, static fn (?bool $passed): bool => $passed !== null));
        $count = count($known);

        return $count > 1 && ! $known[$count - 1] && $known[$count - 2];
    }

    public function passes(): bool
    {
        $known = array_values(array_filter($this->passed, static fn (?bool $passed): bool => $passed !== null));

        return $known !== [] && $known[count($known) - 1];
    }
}
