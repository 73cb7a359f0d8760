<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Compare\Figures as CompareFigures;
use InchLadder\Things\Related;
use InchLadder\Things\Relation;
use InchLadder\Things\Relations;

/** A gap between two things, held against the drawing: as large as the whole is drawn it is right. */
final readonly class Gap
{
    /** @param  float  $drawn  mm on the drawing */
    private function __construct(public Relation $relation, public float $drawn, public bool $passes)
    {
    }

    /**
     * @param  array<string, float>  $drawn  gaps as they came out, in mm, by the key of their relation
     * @param  float  $grown  how many times as large as planned the whole is drawn
     * @return list<self> those that were measured
     */
    public static function measured(Plan $plan, array $drawn, float $grown): array
    {
        // A gap is known to what two of its ends are found to, and to what the ruler tells.
        $least = max($plan->layout->notation->ruler->step->toFloat() / 2, CompareFigures::DOUBT * CompareFigures::FOUND * Comparison::stepBack($plan));
        $gaps = [];
        foreach ($drawn === [] ? [] : Relations::among($plan->layout, $plan->things()) as $one) {
            $mm = $drawn[$one->key()] ?? null;
            if ($mm !== null && $one->how === Related::Gap) {
                $gaps[] = new self($one, $mm, abs($mm / $grown - $one->apart) <= max($plan->choices->subject->departurePercent() / 100 * $one->apart, $least));
            }
        }

        return $gaps;
    }
}
