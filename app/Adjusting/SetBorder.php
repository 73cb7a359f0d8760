<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Rational;

/** A box drawn round the picture: what is outside it is border. */
final readonly class SetBorder implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $border = $read->choices->framing->border;
        [$left, $top] = [Input::share($how, 'left'), Input::share($how, 'top')];
        [$right, $bottom] = [Rational::one()->minus($left)->minus(Input::share($how, 'width')), Rational::one()->minus($top)->minus(Input::share($how, 'height'))];
        $percent = static fn (Rational $share): string => Fractions::places(Rational::larger(Rational::zero(), $share)->times(100), 2).' %';

        return new Adjusted(['photo' => ['border' => [
            'left' => $percent($border->left->plus($left->times($border->width()))),
            'right' => $percent($border->right->plus($right->times($border->width()))),
            'top' => $percent($border->top->plus($top->times($border->height()))),
            'bottom' => $percent($border->bottom->plus($bottom->times($border->height()))),
        ]]]);
    }
}
