<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Copying\Bow;
use InchLadder\Copying\Cell;
use InchLadder\Copying\Correction;
use InchLadder\Copying\Place;
use InchLadder\Copying\Side;
use InchLadder\Copying\Told;
use InchLadder\Layout\Affine;
use InchLadder\Layout\Places;
use InchLadder\Plan\Plan;

/** A crossing or contour of a cell put right by hand: struck out, moved, or put where none was seen. */
final readonly class CorrectEdge implements Adjustment
{
    /** Farther than this from every side, in sides of the cell, no crossing was meant. */
    private const NEAR_SIDE = 0.15;

    /** A contour's end nearer than this to a side was meant to be on it. */
    private const BY_SIDE = 0.05;

    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $plan = Plan::of($read->choices);
        $place = new Place(is_int($how['column'] ?? null) ? $how['column'] : -1, is_int($how['row'] ?? null) ? $how['row'] : -1);
        $what = Told::tryFrom(Input::typed($how, 'what'));
        $was = ($how['was'] ?? null) === null ? [] : $this->places([$how['was']]);
        $now = $this->places($how['now'] ?? null);
        if (! $place->isIn($plan->layout->grid->cells()) || $what === null || $was === null || $now === null || ($was === [] && $now === []) || ($what === Told::Crossing ? count($now) > 1 : count($now) === 1)) {
            throw ValidationException::withMessages(['edge' => Say::it('adjusting.nowhere')]);
        }
        $cell = Cell::of($plan->layout, $place);
        $now = $what === Told::Crossing ? array_map(self::toSide(...), $now) : self::bow($now, $cell);
        $toFile = Affine::box($cell->left, $cell->top, $cell->width, $cell->height)->then($plan->layout->map()->cropToFile());
        $map = $toFile->floats();
        [$was, $now] = [self::allThrough($map, $was), self::allThrough($map, $now)];
        $said = Correction::said($read->choices->corrections, new Correction($what, $was[0] ?? null, $now), self::off($toFile));
        if (count($said) > Correction::MOST) {
            throw ValidationException::withMessages(['edge' => Say::it('choices.too many', ['most' => Correction::MOST])]);
        }
        $deed = match (true) {
            $now === [] => 'struck', $was === [] => 'added', default => 'moved',
        };

        return new Adjusted(['copy' => ['start' => $read->json->copy->start, 'corrections' => array_map(static fn (Correction $one): array => [
            'what' => $one->what->value, 'was' => $one->was === null ? null : Places::write([$one->was]), 'now' => Places::write($one->now),
        ], $said)]], Say::it("adjusting.edge.{$what->value} {$deed}", ['cell' => $cell->address()]));
    }

    /**
     * The place on the nearest side.
     *
     * @param  array{float, float}  $at
     * @return array{float, float}
     *
     * @throws ValidationException when none is near
     */
    private static function toSide(array $at): array
    {
        [$side, $along] = Side::of(...$at);
        $on = $side->point(max(0.0, min(1.0, $along)));

        return hypot($on[0] - $at[0], $on[1] - $at[1]) <= self::NEAR_SIDE ? $on : throw ValidationException::withMessages(['edge' => Say::it('adjusting.edge.nearer')]);
    }

    /**
     * Three places of a contour are its ends and a place it bows through; ends near a side are brought on to it.
     *
     * @param  list<array{float, float}>  $places
     * @return list<array{float, float}>
     */
    private static function bow(array $places, Cell $cell): array
    {
        if (count($places) < 2) {
            return $places;
        }
        $last = count($places) - 1;
        foreach ([0, $last] as $end) {
            [$side, $along] = Side::of(...$places[$end]);
            $on = $side->point(max(0.0, min(1.0, $along)));
            $places[$end] = hypot($on[0] - $places[$end][0], $on[1] - $places[$end][1]) <= self::BY_SIDE ? $on : $places[$end];
        }

        return $last === 2 ? Bow::through($places[0], $places[1], $places[2], $cell->paper) : $places;
    }

    /** @return list<array{float, float}>|null shares of the cell, and a little beyond; null when they are none */
    private function places(mixed $places): ?array
    {
        if (! is_array($places) || ! array_is_list($places) || count($places) > Correction::MOST_POINTS) {
            return null;
        }
        /** @var list<array{float, float}> $read */
        $read = [];
        foreach ($places as $at) {
            if (! is_array($at) || count($at) !== 2 || ! is_numeric($at[0] ?? null) || ! is_numeric($at[1] ?? null) || abs((float) $at[0] - 0.5) > 2 || abs((float) $at[1] - 0.5) > 2) {
                return null;
            }
            $read[] = [(float) $at[0], (float) $at[1]];
        }

        return $read;
    }

    /**
     * @param  array{float, float, float, float, float, float}  $map
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    private static function through(array $map, array $at): array
    {
        [$a, $b, $c, $d, $e, $f] = $map;

        return [$a * $at[0] + $b * $at[1] + $c, $d * $at[0] + $e * $at[1] + $f];
    }

    /**
     * @param  array{float, float, float, float, float, float}  $map
     * @param  list<array{float, float}>  $places
     * @return list<array{float, float}>
     */
    private static function allThrough(array $map, array $places): array
    {
        $through = [];
        foreach ($places as $at) {
            $through[] = self::through($map, $at);
        }

        return $through;
    }

    /** @return \Closure(array{float, float}, array{float, float}): float how far two places of the file are apart, in sides of the cell */
    private static function off(Affine $toFile): \Closure
    {
        [$a, $b, , $d, $e] = $toFile->inverse()->floats();

        return static fn (array $one, array $other): float => hypot($a * ($other[0] - $one[0]) + $b * ($other[1] - $one[1]), $d * ($other[0] - $one[0]) + $e * ($other[1] - $one[1]));
    }
}
