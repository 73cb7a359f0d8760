<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\Choices\ThingChoice;
use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Layout\Places;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;
use InchLadder\Things\State;
use InchLadder\Things\Thing;

/** A thing boxed from corner to corner, or traced place by place, on the picture as it is held; it lies behind those named before. */
final readonly class AddThing implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $places = is_array($how['places'] ?? null) && array_is_list($how['places']) ? $how['places'] : [];
        if (count($places) < 2 || count($places) > Thing::MOST_POINTS || count($read->json->things) >= Thing::MOST) {
            throw ValidationException::withMessages(['things' => count($places) < 2 ? Say::it('adjusting.nowhere') : Say::it('choices.too many', ['most' => count($places) > Thing::MOST_POINTS ? Thing::MOST_POINTS : Thing::MOST])]);
        }
        $at = array_map(static fn (mixed $place): array => [Input::share((array) $place, '0'), Input::share((array) $place, '1')], $places);
        $boxed = count($at) === 2;
        if ($boxed) {
            [[$x1, $y1], [$x2, $y2]] = $at;
            $at = [[$x1, $y1], [$x2, $y1], [$x2, $y2], [$x1, $y2]];
        }
        $toFile = Plan::of($read->choices)->layout->map()->pictureToFile();
        $outline = array_map(static fn (array $place): array => array_map(static fn (Rational $share): float => $share->toFloat(), $toFile->apply(...$place)), $at);

        return new Adjusted(
            ['things' => array_map(static fn (ThingChoice $one): array => (array) $one, [...$read->json->things, new ThingChoice(Input::typed($how, 'name'), Places::write($outline), $boxed, false, [], State::Open->value, [])])],
            Say::it('adjusting.thing'),
        );
    }
}
