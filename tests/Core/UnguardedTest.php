<?php

use InchLadder\Copying\Unguarded;
use InchLadder\Layout\KeyPoint;
use InchLadder\Measure\Rational;
use InchLadder\Photo\Reference;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\Contours;
use InchLadder\Pixels\End;
use InchLadder\Pixels\Field;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/*
 * Key points that hold the long lines: where there are none, places for them, on the lines of the grid.
 */

/** @param  list<array{array{float, float}, array{float, float}, float}>  $lines  from, to in shares of a picture of 400 × 300 samples, and how strong */
function straightOnes(array $lines): Contours
{
    $all = array_map(fn (array $line): Contour => new Contour(
        array_map(fn (int $i): float => 400 * ($line[0][0] + $i / 80 * ($line[1][0] - $line[0][0])), range(0, 80)), array_map(fn (int $i): float => 300 * ($line[0][1] + $i / 80 * ($line[1][1] - $line[0][1])), range(0, 80)), [$line[2], 0.0, 0.0], 1.0, 5.0, End::Fades, End::Fades,
    ), $lines);

    return Contours::read(400.0, 300.0, $all, new Field(3, 3, array_fill(0, 9, 0)), 100);
}

/** @param  list<array{string, string}>  $points */
function suggestedFor(array $lines, array $points = []): array
{
    // A picture of 4 × 3 on paper of 8 × 6 in squares of 2 in: lines at quarters across and thirds down.
    $plan = Plans::of(Reference::printed(size('4x3in')), size('8x6in'), points: array_map(fn (array $at): KeyPoint => new KeyPoint('held', Rational::of($at[0]), Rational::of($at[1]), false), $points));

    return array_map(fn (array $place): array => [round($place[0], 3), round($place[1], 3)], Unguarded::in(straightOnes($lines), $plan->layout));
}

it('holds a long line in its middle, where a gridline crosses it; a short one, or one that is held, not at all', function (array $lines, array $points, array $places) {
    expect(suggestedFor($lines, $points))->toBe($places);
})->with([
    // 0.1 … 0.7 of the width is 0.6 of the longer side; upright lines cross it at 0.25 and 0.5. Held in the middle, 0.23 and 0.13 are left on either side.
    'a level one' => [[[[0.1, 0.5], [0.7, 0.5], 40]], [], [[0.5, 0.5], [0.25, 0.5]]],
    'an upright one' => [[[[0.4, 0.2], [0.4, 0.5], 40]], [], [[0.4, 0.333]]],
    'a short one' => [[[[0.1, 0.5], [0.3, 0.5], 40]], [], []],
    'one that is held in the middle' => [[[[0.3, 0.5], [0.7, 0.5], 40]], [['0.5', '0.5']], []],
    'a point beside it holds it too' => [[[[0.3, 0.5], [0.7, 0.5], 40]], [['0.5', '0.55']], []],
    'one that crosses no line' => [[[[0.26, 0.4], [0.49, 0.6], 40]], [], [[0.375, 0.5]]],
    'the one that tells most first' => [[[[0.3, 0.1], [0.6, 0.1], 10], [[0.3, 0.9], [0.6, 0.9], 30]], [], [[0.5, 0.9], [0.5, 0.1]]],
]);

it('suggests few, none beside another, and each on a line where one is crossed', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $share = fn (): float => $random->getInt(0, 1000) / 1000;
    $places = suggestedFor(array_map(fn (): array => [[$share(), $share()], [$share(), $share()], $random->getInt(5, 60)], range(1, 30)), [[(string) $share(), (string) $share()]]);
    expect(count($places))->toBeGreaterThan(0)->toBeLessThanOrEqual(6);
    foreach ($places as $i => [$x, $y]) {
        foreach (array_slice($places, $i + 1) as [$u, $v]) {
            expect(hypot($x - $u, 0.75 * ($y - $v)))->toBeGreaterThan(0.069);
        }
    }
})->with(range(1, 5));
