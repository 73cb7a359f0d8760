<?php

declare(strict_types=1);

namespace App\Exchange\Adjusting;

use App\Exchange\ChoicesReader;
use InchLadder\Fit\Aim;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums\Writing;

/** A point of the photo put in the dead centre, or on a third: the crop moves as far as the photo allows. */
final readonly class AimCrop implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $crop = $plan->fitted->crop;
        [$x, $y] = [How::share($how, 'x'), How::share($how, 'y')];
        $third = ($how['at'] ?? null) === 'third';
        $aim = $third ? Aim::atNearestThird($crop, $x, $y) : Aim::atCentre($crop, $x, $y);
        $changes = ['fit' => ['left' => (string) $aim->crop->left, 'top' => (string) $aim->crop->top]];
        if ($aim->hits()) {
            return new Adjusted($changes, $third ? 'The point lies on a crossing of thirds.' : 'The point lies in the dead centre.');
        }
        $write = new Writing($plan->choices->notation);
        $off = [];
        foreach ([[$aim->missedAcross, $plan->fitted->area->width, 'left of it', 'right of it'], [$aim->missedDown, $plan->fitted->area->height, 'above it', 'below it']] as [$missed, $side, $before, $after]) {
            if (! $missed->isZero()) {
                $off[] = $write->reading($side->times($missed->abs())).' '.($missed->isNegative() ? $before : $after);
            }
        }

        return new Adjusted($changes, 'The photo ends first: on the paper the point stays '.implode(' and ', $off).'. A smaller crop would let it move further.');
    }
}
