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
        [$left, $top, $width, $height] = [Input::share($how, 'left'), Input::share($how, 'top'), Input::share($how, 'width'), Input::share($how, 'height')];
        $part = PartOnMarks::of($plan, Part::of($left->minus($crop->left)->dividedBy($crop->width), $top->minus($crop->top)->dividedBy($crop->height), $width->dividedBy($crop->width), $height->dividedBy($crop->height)));

        return new Adjusted(['grid' => ['part' => array_map(static fn (Rational $share): string => (string) $share, ['left' => $part->left, 'top' => $part->top, 'width' => $part->width, 'height' => $part->height])]]);
    }
}
