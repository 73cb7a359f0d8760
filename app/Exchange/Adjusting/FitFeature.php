<?php

declare(strict_types=1);

namespace App\Exchange\Adjusting;

use App\Exchange\ChoicesReader;
use InchLadder\Fit\Way;
use InchLadder\Grid\Fineness;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** The smallest thing that matters, boxed: the grid is made as fine as it needs. */
final readonly class FitFeature implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $crop = Plan::of($read->choices)->fitted->crop;
        $fineness = Fineness::tryFrom(How::typed($how, 'fineness')) ?? Fineness::Middling;
        $feature = Rational::smaller(Rational::one(), Rational::larger(Rational::nd(1, 1000), How::share($how, 'width')->dividedBy($crop->width)));
        $columns = $fineness->columns($feature);
        $spans = round($feature->times($columns)->toFloat(), 1);
        $freed = $read->choices->fit->way() === Way::Cells ? ['fit' => ['way' => 'crop']] : [];

        return new Adjusted([...$freed, 'grid' => ['school' => 'count', 'columns' => $columns]], "{$columns} columns: the boxed thing spans {$spans} of them.");
    }
}
