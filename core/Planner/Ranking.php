<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/**
 * Orders plans that are all on the front, by what they cost an artist.
 *
 * The weights are ours: a photo trimmed by a tenth weighs as much as three twentieths of the
 * paper left bare, as three kinds of shorter marks to look for on the rulers, as fifteen lines
 * to rule, or as 1.5 times the cells wanted (or as many fewer).
 */
final class Ranking
{
    private const TRIMMED = 3.0;

    private const UNUSED = 2.0;

    private const GRADE = 0.1;

    private const LINE = 0.02;

    private const OFF_WANTED = 0.5;

    /**
     * @param  list<Proposal>  $front
     * @return list<Proposal> the best first
     */
    public static function of(array $front, Wish $wish): array
    {
        $wanted = $wish->subject->cellsWanted();
        $cost = static fn (Proposal $plan): float => self::TRIMMED * (1 - $plan->kept->toFloat())
            + self::UNUSED * (1 - $plan->used->toFloat())
            + self::GRADE * $plan->grades
            + self::LINE * $plan->lines()
            + self::OFF_WANTED * abs(log($plan->cells() / $wanted, 2));
        $order = static fn (Proposal $plan): array => [round($cost($plan), 9), $plan->lines(), $plan->columns];
        usort($front, static fn (Proposal $a, Proposal $b): int => $order($a) <=> $order($b));

        return $front;
    }
}
