<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Phrases;
use App\Wording\Say;
use App\Wording\Writing;
use InchLadder\Fit\Aim;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Length;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Placement;
use InchLadder\Plan\Plan;

/**
 * A point of the photo put in the dead centre or on a third: the crop moves, as far as the photo allows.
 * Or put in the middle of the sheet: the drawing moves there.
 */
final readonly class AimCrop implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $crop = $plan->layout->fitted->crop;
        [$x, $y] = [Input::share($how, 'x'), Input::share($how, 'y')];
        if ($plan->pinned !== null) {
            return new Adjusted([], Phrases::pinned($plan->pinned));
        }
        if (($how['at'] ?? null) === 'sheet') {
            return $this->onSheet($plan, Placed::in($crop, new KeyPoint('', $x, $y, false)));
        }
        $third = ($how['at'] ?? null) === 'third';
        $aim = $third ? Aim::atNearestThird($crop, $x, $y) : Aim::atCentre($crop, $x, $y);
        $changes = ['fit' => ['left' => (string) $aim->crop->left, 'top' => (string) $aim->crop->top]];
        if ($aim->hits()) {
            return new Adjusted($changes, $third ? Say::it('adjusting.aim.third') : Say::it('adjusting.aim.centre'));
        }
        $write = new Writing($plan->choices->notation);
        $off = [];
        foreach ([[$aim->missedAcross, $plan->layout->fitted->area->width, 'left of it', 'right of it'], [$aim->missedDown, $plan->layout->fitted->area->height, 'above it', 'below it']] as [$missed, $side, $before, $after]) {
            if (! $missed->isZero()) {
                $off[] = Say::it('adjusting.missed.'.($missed->isNegative() ? $before : $after), ['by' => $write->reading($side->times($missed->abs()))]);
            }
        }

        return new Adjusted($changes, Say::it('adjusting.aim.photo ends', ['off' => Say::listed($off)]));
    }

    /** The crop stays; the drawing is moved on the sheet until the point lies in the sheet's middle. */
    private function onSheet(Plan $plan, Placed $placed): Adjusted
    {
        $area = $plan->layout->fitted->area;
        [$left, $top] = [$plan->layout->sheet->width->dividedBy(2)->minus($area->width->times($placed->x)), $plan->layout->sheet->height->dividedBy(2)->minus($area->height->times($placed->y))];
        Placement::offset($left, $top)->of($area, $plan->layout->sheet, Margins::all(Length::zero()));
        $write = new Writing($plan->choices->notation);

        return new Adjusted(
            ['paper' => ['placement' => 'offsets', 'offset' => ['left' => $plan->choices->notation->exactly($left), 'top' => $plan->choices->notation->exactly($top)]]],
            Say::it('adjusting.aim.sheet', ['left' => $write->reading($left), 'top' => $write->reading($top)]),
        );
    }
}
