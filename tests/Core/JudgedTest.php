<?php

use InchLadder\Compare\Drift;
use InchLadder\Compare\Finding;
use InchLadder\Compare\Group;
use InchLadder\Compare\Groups;
use InchLadder\Compare\Judged;
use InchLadder\Compare\LineMap;
use InchLadder\Compare\Measured;
use InchLadder\Compare\Motion;
use InchLadder\Compare\ShotFault;
use InchLadder\Compare\Tolerance;
use InchLadder\Compare\Verdict;
use InchLadder\Compare\Wanted;
use InchLadder\Layout\Layout;
use InchLadder\Photo\Reference;
use InchLadder\Pixels\Grey;
use Tests\Core\Plans;

/** 200 × 250 mm on a sheet as large, in cells of 50 mm. */
function inFifties(): Layout
{
    return Plans::of(Reference::onScreen(800, 1000), size('200x250mm'), ruler: '1 mm')->layout;
}

/** Places of which each went its own way. */
function went(array $by, array $things = [], float $tolerance = 1.0): array
{
    $places = [
        'a' => [20.0, 30.0], 'b' => [30.0, 34.0], 'c' => [26.0, 50.0], 'd' => [150.0, 160.0],
        'e' => [160.0, 200.0], 'f' => [40.0, 220.0], 'g' => [170.0, 40.0],
    ];

    return array_map(static fn (string $name, array $at): Measured => new Measured(
        $name, $at[0], $at[1], $at[0] + ($by[$name][0] ?? 0), $at[1] + ($by[$name][1] ?? 0), $tolerance,
        things: array_keys(array_filter($things, static fn (array $in): bool => in_array($name, $in, true))),
    ), array_keys($places), array_values($places));
}

it('tells together what moved together, and by how much', function (array $by, array $things, array $groups) {
    $moved = static fn (Group $group): array => array_map(static fn (float $mm): float => round($mm, 2), $group->moved());
    $told = static fn (Group $group): array => [$group->thing, $group->points, $moved($group)];
    $found = array_map($told, Groups::among(went($by, $things), Motion::none()));
    expect($found)->toEqual($groups);
})->with([
    'nothing moved' => [[], ['jug' => ['a', 'b', 'c']], []],
    'a thing moved whole' => [
        ['a' => [5, -3], 'b' => [5, -3], 'c' => [5, -3]], ['jug' => ['a', 'b', 'c']],
        [['jug', ['a', 'b', 'c'], [5.0, -3.0]]],
    ],
    'two things, each its own way' => [
        ['a' => [6, 0], 'b' => [6, 0], 'c' => [6, 0], 'd' => [0, 4], 'e' => [0, 4]], ['jug' => ['a', 'b', 'c'], 'cup' => ['d', 'e']],
        [['jug', ['a', 'b', 'c'], [6.0, 0.0]], ['cup', ['d', 'e'], [0.0, 4.0]]],
    ],
    'one place of a thing alone' => [['a' => [5, -3]], ['jug' => ['a', 'b', 'c']], []],
    'neighbours without a name' => [['a' => [4, 4], 'b' => [4, 4]], [], [[null, ['a', 'b'], [4.0, 4.0]]]],
    'far from each other' => [['a' => [4, 4], 'e' => [4, 4]], [], []],
    'within what passes' => [['a' => [0.9, 0], 'b' => [0.9, 0], 'c' => [0.9, 0]], ['jug' => ['a', 'b', 'c']], []],
]);

it('says first what was put in the wrong cells, and what went the same way as one', function () {
    // Cells of 50 mm. The pear and the cup a column too far right, a place a row too high, another thing and a place by a little.
    $layout = inFifties();
    $measured = went(
        ['a' => [48, 2], 'b' => [48, 2], 'c' => [48, 2], 'd' => [51, -1], 'e' => [51, -1], 'f' => [3, 0], 'g' => [0, 49]],
        ['pear' => ['a', 'b', 'c'], 'cup' => ['d', 'e']],
    );
    $judged = array_map(static fn (Measured $one): Judged => new Judged(
        $one, [$one->right(), $one->down()],
        $layout->grid->cellAt($one->x / 200, $one->y / 250), $layout->grid->cellAt($one->outX / 200, $one->outY / 250),
    ), $measured);
    $found = Finding::among($judged, Groups::among($measured, Motion::none()), $layout);
    $tell = static fn (Finding $one): array => [$one->name(), $one->cells, count($one->places)];
    $told = static fn (array $found): array => array_map($tell, $found);
    expect($told($found))->toBe([['pear, cup', [1, 0], 5], ['g', [0, 1], 1], ['f', null, 1]]);
    // What passes is no finding; a quarter of a cell beside whole ones is none of them.
    $beside = went(['a' => [62.4, 0], 'b' => [62.4, 0], 'd' => [62.6, 0], 'f' => [0.5, 0]]);
    $judged = array_map(static fn (Measured $one): Judged => new Judged($one, [$one->right(), $one->down()], [0, 0], [1, 0]), $beside);
    expect($told(Finding::among($judged, Groups::among($beside, Motion::none()), $layout)))->toBe([['a, b', [1, 0], 2], ['d', null, 1]]);
});

it('takes the whole off before it looks for groups', function () {
    $whole = Motion::about([100.0, 125.0], 7, -2, 0, 1);
    $by = array_fill_keys(range('a', 'g'), [7, -2]);
    expect(Groups::among(went($by, ['jug' => ['a', 'b', 'c']]), $whole))->toBe([]);
    $group = Groups::among(went(['d' => [7, 4], 'e' => [7, 4]] + $by, ['cup' => ['d', 'e']]), $whole)[0];
    expect($group->thing)->toBe('cup')->and($group->moved())->toEqualWithDelta([0.0, 6.0], 1e-9);
});

it('follows a place from shot to shot', function () {
    $layout = inFifties();
    $read = static fn (string $name, ?float $mm): Measured => new Measured($name, 50, 60, 50 + (float) $mm, 60, 1.0, sure: $mm !== null);
    $verdict = static fn (array $off): Verdict => Verdict::of($layout, array_map($read, array_keys($off), $off), []);
    $want = static fn (string $name): Wanted => new Wanted($name, $name, null, 0.3, 0.3, 1.0, critical: $name === 'rim');
    $drifts = Drift::among([
        $verdict(['spout' => 0.2, 'foot' => 3.0, 'rim' => 0.1, 'lid' => 0.0]),
        null,
        $verdict(['spout' => 2.5, 'foot' => 0.4, 'rim' => 0.3, 'lid' => null]),
    ], array_map($want, ['spout', 'foot', 'rim', 'lost', 'lid']));
    // The critical one first, then what was right and is no more; what was never measured is not told of.
    expect(array_map(static fn (Drift $one): string => $one->name, $drifts))->toBe(['rim', 'spout', 'foot', 'lid']);
    [$rim, $spout, $foot, $lid] = $drifts;
    expect($spout->off)->toEqualWithDelta([0.2, null, 2.5], 1e-9)
        ->and($spout->drifted())->toBeTrue()
        ->and($spout->passes())->toBeFalse()
        ->and($spout->last())->toEqualWithDelta(2.5, 1e-9)
        ->and($foot->drifted())->toBeFalse()->and($foot->passes())->toBeTrue()
        ->and($rim->critical)->toBeTrue()->and($rim->passes())->toBeTrue()
        // What the last shot does not show stands as it was seen last.
        ->and($lid->off)->toEqualWithDelta([0.0, null, null], 1e-9)->and($lid->last())->toBe(0.0)->and($lid->drifted())->toBeFalse();
});

it('tells a place by what is left of it', function () {
    $judged = static fn (float $x, float $y, array $cells = [[0, 0], [0, 0]], array $more = []): Judged => new Judged(
        new Measured('a', 40, 40, 40 + $x, 40 + $y, ...['tolerance' => 1.5] + $more), [$x, $y], ...$cells,
    );
    $standing = static fn (float $x, float $y, array $more = []): int => $judged($x, $y, more: $more)->standing();
    expect($judged(3, 4)->left)->toBe(5.0)
        ->and($judged(3, 4)->times())->toEqualWithDelta(5 / 1.5, 1e-9)
        ->and($judged(3, 4)->within)->toBeFalse()
        ->and($judged(1.5, 0)->within)->toBeTrue()
        // What is out, what is unsure, what was meant, what passes.
        ->and([$standing(3, 4), $standing(3, 4, ['sure' => false])])->toBe([0, 1])
        ->and([$standing(3, 4, ['meant' => [3.0, 4.0]]), $standing(0, 1)])->toBe([2, 3])
        ->and($judged(3, 4, [[0, 0], [1, 0]])->isInWrongCell())->toBeTrue()
        ->and($judged(3, 4)->isInWrongCell())->toBeFalse()
        // By a hair over a line is in no wrong cell.
        ->and($judged(0.2, 0, [[0, 0], [1, 0]])->isInWrongCell())->toBeFalse();
});

it('says what keeps a shot from being judged well, beyond a limit and not at it', function (array $shot, array $faults, int $ink = 90) {
    // Paper of 230 with lines that are as dark as the ink.
    $side = 150;
    $levels = array_map(static fn (int $i): int => intdiv($i, $side) % 40 === 20 ? $ink : 230, range(0, $side * $side - 1));
    $drawn = LineMap::of(new Grey($side, $side, pack('C*', ...$levels)), 2.5);
    $good = ['cutOff' => false, 'fineness' => 0.2, 'light' => 200.0, 'glare' => 0.0, 'soft' => false, 'fit' => 0.3];
    expect(array_column(ShotFault::in(...[...$good, ...$shot, 'drawn' => $drawn]), 'value'))->toBe($faults);
})->with([
    'a good one' => [[], []],
    'at every limit' => [['fineness' => 0.45, 'light' => 60.0, 'glare' => 0.02, 'fit' => 1.25], []],
    'beyond every limit' => [
        ['cutOff' => true, 'fineness' => 0.451, 'light' => 59.9, 'glare' => 0.0201, 'fit' => 1.251],
        ['cut off', 'too small', 'too dark', 'glare', 'another'],
    ],
    'blurred: it is no other drawing for that' => [['soft' => true, 'fit' => 9.0], ['blurred']],
    'nothing to go by' => [['fit' => null], []],
    'faint: no other drawing either' => [['fit' => 9.0], ['too faint'], 225],
]);

it('allows a share of the smallest thing a place belongs to, of its cell at most, and half a mark at least', function () {
    // Cells of 50 mm, a ruler of 1 mm.
    $layout = inFifties();
    expect(Tolerance::of($layout, 2, null))->toEqualWithDelta(1.0, 1e-9)
        ->and(Tolerance::of($layout, 4, 30.0))->toEqualWithDelta(1.2, 1e-9)
        ->and(Tolerance::of($layout, 4, 300.0))->toEqualWithDelta(2.0, 1e-9)
        ->and(Tolerance::of($layout, 1, 10.0))->toEqualWithDelta(0.5, 1e-9);
});
