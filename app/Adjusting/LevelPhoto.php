<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use InchLadder\Photo\Turning;

/** A line drawn along a horizon or a wall: the photo is straightened until it is level or upright. */
final readonly class LevelPhoto implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $picture = $read->choices->framing->within($read->choices->whole);
        $across = Input::share($how, 'x2')->minus(Input::share($how, 'x1'))->times($picture->pixelsWide ?? 1)->toFloat();
        $down = Input::share($how, 'y2')->minus(Input::share($how, 'y1'))->times($picture->pixelsHigh ?? 1)->toFloat();
        $more = hypot($across, $down) < 2 ? 0.0 : Turning::levelling($across, $down);
        $turning = $read->choices->framing->turning;
        $degrees = Turning::of(0, false, $turning->degrees + $more, $turning->keep)->degrees;

        return new Adjusted(['photo' => ['straighten' => $degrees]], $more === 0.0 ? Say::it('adjusting.level already') : '');
    }
}
