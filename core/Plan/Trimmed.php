<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Layout\Placed;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** What becomes of a sheet that is cut down to its drawing: what falls outside the cut, what it runs through, and what it nearly touches. */
final readonly class Trimmed
{
    /**
     * @param  list<string>  $outside  points of the picture that were cropped away, and points and things outside an oval or a circle
     * @param  list<string>  $through  things that run on over the cut
     * @param  list<array{string, string, Length}>  $near  a thing, the side it nearly touches, and how far off it ends
     */
    private function __construct(public array $outside, public array $through, public array $near)
    {
    }

    public static function of(Plan $plan): self
    {
        $area = $plan->layout->fitted->area;
        $curve = $plan->layout->outline();
        $outside = array_map(static fn (Placed $placed): string => $placed->point->name, array_filter($plan->layout->points(), static fn (Placed $placed): bool => ! $plan->layout->shows($placed)));
        [$through, $near] = [[], []];
        foreach ($plan->things()->all as $thing) {
            if (! $thing->isInside()) {
                continue;
            }
            $lies = $curve === null ? 'inside' : $thing->within($curve);
            if ($lies === 'outside') {
                $outside[] = $thing->thing->name;

                continue;
            }
            $thing->leaves() === [] && $lies === 'inside' || $through[] = $thing->thing->name;
            foreach ($thing->nearMisses() as $side => $share) {
                $off = (in_array($side, ['left', 'right'], true) ? $area->width : $area->height)->times(Rational::near($share));
                // A knife is no surer than this.
                $off->toFloat() <= Figures::NEAR_CUT && $near[] = [$thing->thing->name, $side, $off];
            }
        }

        return new self(array_values($outside), $through, $near);
    }
}
