<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/**
 * How all misfits came about: a motion of the whole, groups that moved together, and single places. The simplest that
 * explains them, no further than they carry: each number it takes must be worth its cost (G. Schwarz, "Estimating the
 * Dimension of a Model", Annals of Statistics 6 (1978), 461–464: the BIC).
 */
final readonly class Explanation
{
    /** @param  list<Group>  $groups  that which explains most first */
    private function __construct(public Whole $whole, public array $groups, private float $score)
    {
    }

    /**
     * @param  list<Measured>  $measured
     * @param  float  $diagonal  of the drawing, in mm
     */
    public static function of(array $measured, float $diagonal): self
    {
        $points = array_values(array_filter($measured, static fn (Measured $one): bool => $one->counts()));
        $best = null;
        foreach (Whole::candidates($points, $diagonal) as $whole) {
            $one = self::with($whole, $points);
            if ($best === null || $one->score < $best->score - 1e-9) {
                $best = $one;
            }
        }

        return $best;
    }

    /** @param  list<Measured>  $points */
    private static function with(Whole $whole, array $points): self
    {
        $number = log(2 * max(1, count($points)));
        $groups = Groups::among($points, $whole->motion);
        $told = array_merge(...array_map(static fn (Group $group): array => $group->points, $groups), ...[[]]);
        $score = $whole->numbers * $number;
        foreach ($groups as $group) {
            $score += $group->numbers * $number + $group->left;
        }
        foreach ($points as $one) {
            if (! in_array($one->name, $told, true)) {
                $off = $one->off($whole->motion);
                // A place that is out is told by two numbers of its own.
                $score += $one->passes($off) ? $one->cost($off) : max(2 * $number, Figures::AT_MOST ** 2);
            }
        }

        return new self($whole, $groups, $score);
    }
}
