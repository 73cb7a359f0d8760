<?php

use InchLadder\Compare\LineMap;
use InchLadder\Compare\Motion;
use InchLadder\Compare\ObjectMatcher;
use InchLadder\Pixels\Grey;

/*
 * An object judged whole: shapes put on a sheet of 120 × 120 mm at 2.5 samples a mm, moved by sums of this test's own.
 */

const SHEET_SAMPLES = 300;

/**
 * A house: an irregular outline with a window, place after place 0.6 mm apart, about (0, 0).
 *
 * @return list<array{float, float}> mm
 */
function house(): array
{
    $path = static function (array $corners): array {
        $places = [];
        for ($i = 0; $i + 1 < count($corners); $i++) {
            [[$x1, $y1], [$x2, $y2]] = [$corners[$i], $corners[$i + 1]];
            $long = hypot($x2 - $x1, $y2 - $y1);
            for ($gone = 0.0; $gone < $long; $gone += 0.6) {
                $places[] = [$x1 + $gone / $long * ($x2 - $x1), $y1 + $gone / $long * ($y2 - $y1)];
            }
        }

        return $places;
    };

    return [
        ...$path([[-15, 14], [-15, -5], [-3, -16], [9, -8], [15, -8], [15, 14], [-15, 14]]),
        ...$path([[-8, 8], [-8, 1], [0, 1], [0, 8], [-8, 8]]),
    ];
}

/**
 * Moved, turned and sized about (0, 0), and put on the sheet's middle.
 *
 * @param  list<array{float, float}>  $places
 * @return list<array{float, float}>
 */
function putDown(array $places, float $right, float $down, float $degrees, float $size): array
{
    [$cos, $sin] = [$size * cos($degrees * M_PI / 180), $size * sin($degrees * M_PI / 180)];

    return array_map(static fn (array $at): array => [
        60 + $right + $cos * $at[0] - $sin * $at[1],
        60 + $down + $sin * $at[0] + $cos * $at[1],
    ], $places);
}

/** @param  list<array{float, float}>  $places  drawn with a pencil a sample wide */
function drawnOn(array $places): LineMap
{
    $bytes = array_fill(0, SHEET_SAMPLES ** 2, 240);
    foreach ($places as [$x, $y]) {
        foreach ([0, 1] as $step) {
            $bytes[(int) ($y * 2.5) * SHEET_SAMPLES + (int) ($x * 2.5) + $step] = 90;
        }
    }

    return LineMap::of(new Grey(SHEET_SAMPLES, SHEET_SAMPLES, pack('C*', ...$bytes)), 2.5);
}

/** Whether a place lies in a box of half the side round the middle of the sheet. */
function boxAround(float $half): Closure
{
    return static fn (float $x, float $y): bool => abs($x - 60) <= $half && abs($y - 60) <= $half;
}

/** @param  list<array{float, float}>  $drawn */
function lookedFor(array $drawn, ?array $lines = null, ?array $cell = null): ObjectMatcher
{
    return new ObjectMatcher(drawnOn($drawn), $lines ?? putDown(house(), 0, 0, 0, 1), $cell);
}

it('finds an object wherever it was put, turned and sized', function (float $right, float $down, float $degrees, float $size) {
    $found = lookedFor(putDown(house(), $right, $down, $degrees, $size))->find(boxAround(18), Motion::none());
    [$x, $y] = $found->motion->at(60, 60);
    expect([$x, $y])->toEqualWithDelta([$right, $down], 0.5)
        ->and($found->motion->turn())->toEqualWithDelta($degrees, 1.0)->and($found->motion->size())->toEqualWithDelta($size, 0.02)
        ->and($found->tells())->toBeTrue()->and($found->drawn)->toBeGreaterThan(0.6);
})->with([
    'where it belongs' => [0, 0, 0, 1],
    'to the right' => [6, 0, 0, 1],
    'far up' => [-2, -11, 0, 1],
    'turned' => [0, 0, 9, 1],
    'turned the other way, and moved' => [4, 3, -11, 1],
    'larger' => [0, 0, 0, 1.18],
    'smaller, and moved' => [-5, 2, 0, 0.84],
]);

it('finds one that was put a whole cell off, farther than it looks otherwise', function (float $right, float $down) {
    $drawn = putDown(house(), $right, $down, 0, 1);
    $found = lookedFor($drawn, cell: [30.0, 34.0])->find(boxAround(18), Motion::none());
    expect($found->motion->at(60, 60))->toEqualWithDelta([$right, $down], 0.5)->and($found->tells())->toBeTrue()
        ->and(lookedFor($drawn)->find(boxAround(18), Motion::none())->tells())->toBeFalse();
})->with([[31.0, -1.0], [-29.0, 2.0], [1.0, 33.0], [-31.0, -33.0]]);

it('takes no line for its own that is drawn where another of the photo belongs', function () {
    // Two alike, one cell apart; only the second is drawn, where it belongs.
    $second = putDown(house(), 37, 0, 0, 1);
    $lines = [...putDown(house(), 0, 0, 0, 1), [0.0, 0.0], ...$second];
    expect(lookedFor($second, $lines, [37.0, 37.0])->find(boxAround(18), Motion::none())->tells())->toBeFalse();
    // Drawn beside it, the first was put there: the other stands where it belongs.
    $both = [...putDown(house(), 0, -37, 0, 1), ...$second];
    $found = lookedFor($both, $lines, [37.0, 37.0])->find(boxAround(18), Motion::none());
    expect($found->tells())->toBeTrue()->and($found->motion->at(60, 60))->toEqualWithDelta([0, -37], 0.5);
});

it('looks for it from where the whole came out', function () {
    $near = Motion::about([60, 60], 9, -7, 0, 1);
    $found = lookedFor(putDown(house(), 13, -9, 0, 1))->find(boxAround(18), $near);
    expect($found->motion->at(60, 60))->toEqualWithDelta([13, -9], 0.5)->and($found->tells())->toBeTrue();
});

it('is sure of nothing that is not drawn, only begun, or as well elsewhere', function (Closure $drawn) {
    $found = lookedFor($drawn())->find(boxAround(18), Motion::none());
    expect($found->tells())->toBeFalse();
})->with([
    'nothing' => [fn () => [[5.0, 5.0]]],
    'one corner of it' => [fn () => array_slice(putDown(house(), 0, 0, 0, 1), 0, 30)],
    'twice, side by side' => [fn () => [...putDown(house(), -7, 0, 0, 1), ...putDown(house(), 7, 0, 0, 1)]],
    'a crowd of lines' => [fn () => array_merge(...array_map(
        fn (int $i): array => array_map(fn (int $j): array => [20 + 0.4 * $j, 20 + 2.0 * $i], range(0, 200)),
        range(0, 40),
    ))],
]);

it('knows that a straight line tells nothing of how far it slid', function () {
    $line = array_map(static fn (int $i): array => [20 + 0.6 * $i, 60.0], range(0, 130));
    $found = lookedFor(array_map(static fn (array $at): array => [$at[0], $at[1] + 3], $line), $line)->find(boxAround(15), Motion::none());
    expect($found->acrossOnly)->toBeTrue()->and($found->tells())->toBeFalse()
        ->and($found->motion->at(60, 60)[1])->toEqualWithDelta(3.0, 0.5);
});

it('has nothing to go by where there are few lines', function () {
    expect(lookedFor(putDown(house(), 0, 0, 0, 1), [[60.0, 60.0], [60.6, 60.0]])->find(boxAround(18), Motion::none()))->toBeNull();
});

it('tells the whole of all lines together, and not of one that was moved', function () {
    // Three houses, the last of them a small one that did not go along.
    $large = array_map(static fn (array $at): array => [1.9 * $at[0] + 4, 2.1 * $at[1] - 3], house());
    $small = array_map(static fn (array $at): array => [0.5 * $at[0] - 28, 0.5 * $at[1] + 25], house());
    $lines = [...house(), ...$large, ...$small];
    $moved = [...putDown([...house(), ...$large], 3, -2, 1.5, 1.03), ...putDown($small, 9, -2, 0, 1)];
    $whole = lookedFor($moved, putDown($lines, 0, 0, 0, 1))->whole();
    expect($whole->motion->at(60, 60))->toEqualWithDelta([3, -2], 0.5)->and($whole->motion->turn())->toEqualWithDelta(1.5, 0.4)
        ->and($whole->motion->size())->toEqualWithDelta(1.03, 0.008)->and($whole->tells())->toBeTrue();
});

it('moves first by one motion and then by another', function () {
    [$one, $other] = [Motion::about([10, 20], 3, -4, 30, 1.5), Motion::about([-5, 8], 1, 2, -70, 0.4)];
    foreach ([[0, 0], [12, -7], [100, 45]] as [$x, $y]) {
        expect($one->then($other)->apply($x, $y))->toEqualWithDelta($other->apply(...$one->apply($x, $y)), 1e-9);
    }
    expect($one->at(10, 20))->toEqualWithDelta([3, -4], 1e-9)
        ->and($one->turn())->toEqualWithDelta(30, 1e-9)->and($one->size())->toEqualWithDelta(1.5, 1e-9);
});
