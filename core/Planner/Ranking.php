<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/**
 * Orders plans that are all on the front, by what they cost an artist.
 *
 * One that trims nothing and leaves nothing leads, whatever it costs otherwise. The weights of the rest are ours:
 * a photo trimmed by a tenth weighs as much as a quarter of the paper left bare, as five kinds of shorter
 * marks to look for on the rulers, or as 25 lines to rule; as many cells as the subject wants, from half to
 * double, cost nothing, and each doubling or halving beyond as much as that tenth.
 *
 * Of the first six no two have the same mesh: the second of a mesh tells an artist nothing new.
 */
final class Ranking
{
    /** As many as are shown as pictures. */
    private const SHOWN = 6;

    /**
     * @param  list<Proposal>  $front
     * @return list<Proposal> the best first
     */
    public static function of(array $front, Wish $wish): array
    {
        $wanted = $wish->subject->cellsWanted();
        $cost = static fn (Proposal $plan): float => Figures::TRIMMED * (1 - $plan->kept->toFloat())
            + Figures::UNUSED * (1 - $plan->used->toFloat())
            + Figures::GRADE * $plan->grades
            + Figures::LINE * $plan->lines()
            + Figures::OFF_WANTED * max(0, abs(log($plan->cells() / $wanted, 2)) - 1);
        // Of equals, the sheet as it lies, and fewer lines.
        $order = static fn (Proposal $plan): array => [! $plan->isPerfect(), round($cost($plan), 9), $plan->isTurned, $plan->lines(), $plan->columns];
        usort($front, static fn (Proposal $a, Proposal $b): int => $order($a) <=> $order($b));
        $shown = $later = $meshes = [];
        foreach ($front as $plan) {
            $mesh = "{$plan->columns} {$plan->rows}";
            if (count($shown) < self::SHOWN && ! isset($meshes[$mesh])) {
                $shown[] = $plan;
                $meshes[$mesh] = true;
            } else {
                $later[] = $plan;
            }
        }

        return [...$shown, ...$later];
    }
}
