<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/**
 * Orders plans that are all on the front, by what they cost an artist.
 *
 * One that trims nothing and leaves nothing leads, if it has a count that is wanted. Then the mesh decides, by what its
 * shape costs on any ruler: so a sheet in centimetres and the same in inches open on the same squares. The cells of a
 * mesh follow by what they cost on these rulers.
 *
 * The weights are ours: a photo trimmed by a tenth weighs as much as a third of the paper left bare, as four kinds of
 * shorter marks to look for on the rulers, or as 25 lines to rule. As many cells as the subject wants, and 1.75 times
 * fewer or more, cost nothing; each doubling or halving beyond as much as a fifth of the photo.
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
        // Of equals, the sheet as it lies, and fewer lines.
        $order = static fn (Proposal $plan): array => [
            ! $plan->isPerfect() || $plan->offWanted > 0,
            round(self::mesh($plan, $wish), 9), $plan->isTurned, $plan->lines(), $plan->columns,
            round(self::cells($plan), 9),
        ];
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

    /** What so many by so many squares cost, however long they are. */
    private static function mesh(Proposal $plan, Wish $wish): float
    {
        return Figures::TRIMMED * (1 - $plan->keepsAtMost->toFloat())
            + Figures::UNUSED * (1 - $plan->coversAtMost->toFloat())
            + Figures::LINE * $plan->lines()
            + Figures::OFF_WANTED * $wish->doublingsOff($plan->cells());
    }

    /** What these squares of it cost. */
    private static function cells(Proposal $plan): float
    {
        return Figures::TRIMMED * (1 - $plan->kept->toFloat())
            + Figures::UNUSED * (1 - $plan->used->toFloat())
            + Figures::GRADE * $plan->grades;
    }
}
