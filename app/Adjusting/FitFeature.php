<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use InchLadder\Fit\Way;
use InchLadder\Grid\Fineness;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** The smallest thing that matters, boxed: the grid is made as fine as it needs. */
final readonly class FitFeature implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $crop = $plan->layout->fitted->crop;
        $fineness = Fineness::tryFrom(Input::typed($how, 'fineness')) ?? Fineness::Middling;
        $share = static fn (string $side, Rational $whole): Rational => Rational::smaller(Rational::one(), Rational::larger(Rational::nd(1, 1000), Input::share($how, $side)->dividedBy($whole)));
        [$wide, $high] = [$share('width', $crop->width), isset($how['height']) ? $share('height', $crop->height) : null];
        // Squares: what the feature is of the picture's height counts in widths.
        $high = $high?->dividedBy($crop->shapeOn($plan->layout->reference));
        $feature = $high === null ? $wide : Rational::smaller($wide, $high);
        [$columns, $enough] = $fineness->columns($feature);
        $spans = static fn (Rational $side): string => (string) round($side->times($columns)->toFloat(), 1);
        $said = Say::it('adjusting.feature.'.($high === null ? 'wide' : 'both').($enough ? '' : ' at the finest'), ['columns' => $columns, 'wide' => $spans($wide), 'high' => $high === null ? '' : $spans($high)]);
        $freed = $read->choices->fit->way() === Way::Cells ? ['fit' => ['way' => 'crop']] : [];

        return new Adjusted([...$freed, 'grid' => ['school' => 'count', 'columns' => $columns]], $said);
    }
}
