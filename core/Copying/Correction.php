<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/**
 * What the hand has said of a crossing or a contour that was seen, or was not: it is elsewhere, it is none, or there is
 * one. Places are shares of the picture as its file has it, so that it stays where it was said whatever is turned,
 * cropped or ruled.
 */
final readonly class Correction
{
    public const MOST = 400;

    public const MOST_POINTS = 24;

    /** Places looked at between two points of a contour. */
    private const STEPS = 24;

    /**
     * @param  array{float, float}|null  $was  a place of what was seen: the crossing, or a point on the contour; null for a new one
     * @param  list<array{float, float}>  $now  where it is: one place of a crossing, two or more of a contour; none when there is none
     */
    public function __construct(public Told $what, public ?array $was, public array $now)
    {
    }

    /**
     * All that was said, with a new word on it: what is said again of a thing said before takes its place, and a thing
     * put there by hand that is taken away again was never said.
     *
     * @param  list<self>  $said
     * @param  \Closure(array{float, float}, array{float, float}): float  $off  how far two places are from each other, in sides of a cell
     * @return list<self>
     */
    public static function said(array $said, self $new, \Closure $off): array
    {
        if ($new->was === null) {
            return [...$said, $new];
        }
        foreach ($said as $i => $before) {
            if ($before->what !== $new->what || ! $before->runsBy($new->was, $off)) {
                continue;
            }
            $together = new self($new->what, $before->was, $new->now);
            array_splice($said, $i, 1, $together->was === null && $together->now === [] ? [] : [$together]);

            return $said;
        }

        return [...$said, $new];
    }

    /**
     * @param  array{float, float}  $place
     * @param  \Closure(array{float, float}, array{float, float}): float  $off
     */
    private function runsBy(array $place, \Closure $off): bool
    {
        foreach ($this->now as $i => $at) {
            $from = $this->now[max(0, $i - 1)];
            for ($step = 0; $step <= self::STEPS; $step++) {
                $share = $step / self::STEPS;
                if ($off([$from[0] + $share * ($at[0] - $from[0]), $from[1] + $share * ($at[1] - $from[1])], $place) < Figures::MEANS) {
                    return true;
                }
            }
        }

        return false;
    }
}
