<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\Choices\ShapeChoice;
use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Layout\Places;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;
use InchLadder\Things\FittedShape;
use InchLadder\Things\ShapeKind;

/** A shape laid over the picture as it is held: of an oval or a box its long axis and how far it reaches aside, of a triangle its base and its tip. */
final readonly class AddShape implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $kind = ShapeKind::tryFrom(Input::typed($how, 'kind')) ?? ShapeKind::Oval;
        $places = is_array($how['places'] ?? null) && array_is_list($how['places']) ? $how['places'] : [];
        if (count($places) !== 3 || count($read->json->shapes) >= FittedShape::MOST) {
            throw ValidationException::withMessages(['shapes' => count($places) !== 3 ? Say::it('adjusting.nowhere') : Say::it('choices.too many', ['most' => FittedShape::MOST])]);
        }
        [$from, $to, $aside] = array_map(static fn (mixed $place): array => [Input::share((array) $place, '0')->toFloat(), Input::share((array) $place, '1')->toFloat()], $places);
        $plan = Plan::of($read->choices);
        $seen = $kind === ShapeKind::Triangle ? self::triangle($from, $to, $aside) : self::square($from, $to, $aside, $plan->layout->reference->ratio()->toFloat());
        $toFile = $plan->layout->map()->pictureToFile();
        $kept = array_map(static fn (array $at): array => array_map(static fn (Rational $share): float => $share->toFloat(), $toFile->apply(Rational::near($at[0]), Rational::near($at[1]))), $seen);
        $name = trim(Input::typed($how, 'name'));

        return new Adjusted(
            ['shapes' => array_map(static fn (ShapeChoice $one): array => (array) $one, [...$read->json->shapes, new ShapeChoice($name, $kind->value, Places::write($kept))])],
            Say::it('adjusting.shape'),
        );
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  array{float, float}  $tip
     * @return list<array{float, float}>
     */
    private static function triangle(array $from, array $to, array $tip): array
    {
        $centre = [($from[0] + $to[0] + 2 * $tip[0]) / 4, ($from[1] + $to[1] + 2 * $tip[1]) / 4];

        return [$centre, [$centre[0] + ($to[0] - $from[0]) / 2, $centre[1] + ($to[1] - $from[1]) / 2], $tip];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  array{float, float}  $aside
     * @param  float  $ratio  of the picture, width ÷ height: square is square on it, not in shares of it
     * @return list<array{float, float}>
     */
    private static function square(array $from, array $to, array $aside, float $ratio): array
    {
        $centre = [($from[0] + $to[0]) / 2, ($from[1] + $to[1]) / 2];
        [$ax, $ay] = [$ratio * ($to[0] - $centre[0]), $to[1] - $centre[1]];
        [$sx, $sy] = [$ratio * ($aside[0] - $centre[0]), $aside[1] - $centre[1]];
        $long = max(1e-12, $ax * $ax + $ay * $ay);
        $along = ($sx * $ax + $sy * $ay) / $long;

        return [$centre, $to, [$centre[0] + ($sx - $along * $ax) / $ratio, $centre[1] + $sy - $along * $ay]];
    }
}
