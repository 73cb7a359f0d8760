<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/** Those plans that no other plan is better than in everything at once. */
final class ParetoFront
{
    /**
     * Taken in order of their costs, a plan can only be dominated by one that came before it.
     *
     * @param  list<Candidate>  $candidates
     * @return list<Candidate>
     */
    public static function of(array $candidates): array
    {
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $a->costs <=> $b->costs);
        $front = [];
        foreach ($candidates as $candidate) {
            foreach ($front as $kept) {
                if ($kept->dominates($candidate)) {
                    continue 2;
                }
            }
            $front[] = $candidate;
        }

        return $front;
    }
}
