<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use InchLadder\Grid\Part;
use InchLadder\Measure\Rational;
use InchLadder\Plan\PartOnMarks;
use InchLadder\Plan\Plan;

/** A grid over a part that was boxed by hand: on whole marks of the ruler, in whole cells. */
final readonly class GridPart implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  left, top, width, height: shares of the picture */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $crop = $plan->layout->fitted->crop;
        $part = PartOnMarks::of($plan, Part::of(
            Input::share($how, 'left')->minus($crop->left)->dividedBy($crop->width),
            Input::share($how, 'top')->minus($crop->top)->dividedBy($crop->height),
            Input::share($how, 'width')->dividedBy($crop->width),
            Input::share($how, 'height')->dividedBy($crop->height),
        ));

        return new Adjusted(['grid' => ['part' => array_map(
            static fn (Rational $share): string => (string) $share,
            ['left' => $part->left, 'top' => $part->top, 'width' => $part->width, 'height' => $part->height],
        )]]);
    }
}
