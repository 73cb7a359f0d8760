<?php

use InchLadder\Copying\CellRecord;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\EarlyDetail;
use InchLadder\Copying\GuardSheet;
use InchLadder\Copying\KnownCrossings;
use InchLadder\Copying\Loads;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Pace;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Place;
use InchLadder\Copying\Quad;
use InchLadder\Copying\Side;
use InchLadder\Copying\Standing;
use InchLadder\Copying\Working;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Layout\Affine;
use InchLadder\Layout\Hand;
use InchLadder\Measure\Graduation;

/*
 * How far each cell is, pass by pass, and what it takes.
 */

it('takes a full cell for more work than a plain one, and the time left by what is in the cells', function () {
    // Two empty cells and two full ones: on average as much as one; a plain cell is a quarter, a full one 1 3/4.
    $loads = Loads::of([0.0, 0.0, 2.0, 2.0]);
    expect(array_map($loads->at(...), [0, 1, 2, 3]))->toBe([0.25, 0.25, 1.75, 1.75])
        ->and($loads->sum([0, 1, 2, 3]))->toBe(4.0)
        ->and(Loads::of([])->sum([4, 9]))->toBe(2.0)
        ->and(Loads::of([0.0, 0.0])->at(1))->toBe(1.0);
    // A minute for each plain cell, seven for each full one: an average cell takes four.
    $busy = [1.0, ...array_merge(...array_fill(0, 4, [0.0, 2.0]))];
    $done = array_combine(range(0, 8), [0, 60, 480, 540, 960, 1020, 1440, 1500, 1920]);
    expect(Pace::of($done, Loads::of($busy))?->cell)->toEqualWithDelta(240.0, 1e-6);
});

it('knows of a cell how far it is, whatever is said of it', function (Noted $was, ?string $state, ?int $reached, string $now, ?float $settled) {
    $noted = $was->with($state, $reached, null, null, 9.0);
    expect("{$noted->state} {$noted->reached}")->toBe($now)->and($noted->settled)->toBe($settled)->and($noted->words)->toBe('rim')->and($noted->doubtful)->toBeTrue();
})->with([
    'done has been through every pass' => [new Noted('open', true, 'rim'), 'done', null, 'done 3', 9.0],
    'through the last is done' => [new Noted('open', true, 'rim', 1.0, 2), null, 3, 'done 3', 9.0],
    'through the first is not' => [new Noted('open', true, 'rim'), null, 1, 'open 1', 9.0],
    'opened again, through none' => [new Noted('done', true, 'rim', 1.0, 3), 'open', null, 'open 0', 9.0],
    'opened again in the last pass' => [new Noted('done', true, 'rim', 1.0, 3), null, 2, 'open 2', 9.0],
    'no longer empty, as far as it was' => [new Noted('empty', true, 'rim', 1.0, 2), 'open', null, 'open 2', 9.0],
    'no longer empty, though it was done before' => [new Noted('empty', true, 'rim', 1.0, 3), 'open', null, 'open 0', 9.0],
    'empty, whatever was drawn in it' => [new Noted('open', true, 'rim', 1.0, 2), 'empty', null, 'empty 2', 9.0],
    'a word alone changes nothing of it' => [new Noted('open', true, 'rim', 1.0, 2), null, null, 'open 2', 1.0],
    'said twice, settled the first time' => [new Noted('done', true, 'rim', 1.0, 3), 'done', null, 'done 3', 1.0],
]);

it('takes a cell for as far as the place in it that is furthest behind', function (array $parts, string $filled) {
    $noted = Noted::filledBy(array_map(fn (string $part): Noted => new Noted(strtok($part, ' '), settled: 5.0, reached: (int) strtok(' ')), $parts));
    expect("{$noted->state} {$noted->reached}")->toBe($filled);
})->with([
    [['done 3', 'done 3'], 'done 3'], [['done 3', 'open 1'], 'open 1'], [['empty 0', 'done 3'], 'done 3'], [['empty 0', 'open 2'], 'open 2'], [['empty 0', 'empty 1'], 'empty 0'],
]);

it('points out what runs more than a pass ahead, side by side, and what is begun', function (Working $working, array $reached, array $spared, array $begun, array $ahead) {
    // Four columns, three rows.
    $notes = array_map(fn (string $said): Noted => $said === 'x' ? new Noted('empty') : (new Noted)->with(null, (int) $said, null, null, 1.0), $reached);
    $grid = Grid::even(Cells::of(4, 3));
    $places = [];
    foreach ($notes as $cell => $noted) {
        $places[] = [Quad::ofCell(Affine::identity(), $grid->across->fractions[$cell % 4], $grid->down->fractions[intdiv($cell, 4)], $grid->across->span($cell % 4), $grid->down->span(intdiv($cell, 4))), $noted];
    }
    $standing = Standing::of(CellRecord::of($grid, Affine::identity(), $places), Cells::of(4, 3), $spared, $working);
    expect($standing->begun)->toBe($begun)->and($standing->ahead)->toBe($ahead);
})->with([
    'nothing drawn' => [Working::Passes, [], [], [], []],
    'two groups, one cell apart' => [Working::Passes, [0 => '2', 1 => '2', 4 => '2', 3 => '3', 2 => '1'], [], [0, 1, 2, 4], [[0, 1, 4], [3]]],
    'one pass before the rest is how passes go' => [Working::Passes, [0 => '1', 1 => '1'], [], [0, 1], []],
    'what is not to be drawn holds nothing up' => [Working::Passes, array_fill(0, 11, '2'), [11], range(0, 10), []],
    'nor what is empty' => [Working::Passes, [...array_fill(0, 11, '3'), 'x'], [], [], []],
    'cell by cell nothing is ahead' => [Working::Cells, [0 => '3', 1 => '3'], [], [], []],
]);

it('warns of detail that is begun before what holds it stands', function (?Pass $pass, int $unplaced, array $boxes, int $cells, ?bool $mild) {
    expect(EarlyDetail::of($pass, $unplaced, $boxes, $cells)?->isMild)->toBe($mild);
})->with([
    'in the first pass there is no detail' => [Pass::Place, 9, ['head'], 2, null], 'nor where a cell is finished before the next' => [null, 9, [], 2, null],
    'all of it stands' => [Pass::Detail, 0, [], 2, null], 'without a grid to hold it' => [Pass::Detail, 1, [], 11, false], 'milder with one' => [Pass::Detail, 1, [], 12, true], 'a box is missing' => [Pass::Detail, 0, ['head'], 35, true],
]);

it('proposes the cells of which most crossings are known, and counts them', function (array $copied, array $ranked) {
    // Four columns, three rows; each inner side is crossed once, the top sides of the second row twice.
    $cells = Cells::of(4, 3);
    $ruler = Graduation::read('1/16 in');
    $crossings = fn (Place $place): array => array_merge(...array_map(fn (Side $side): array => $place->beyond($side, $cells) === null ? [] : array_map(
        fn (float $at): Crossing => Crossing::of($side, $at, 20.0, null, false, size('1x1in'), $ruler),
        ($side === Side::Top && $place->row === 1) || ($side === Side::Bottom && $place->row === 0) ? [0.3, 0.6] : [0.5],
    ), Side::cases()));
    $found = KnownCrossings::ranked($cells, $copied, array_values(array_diff(range(0, 11), $copied)), $crossings);
    expect(array_map(fn (KnownCrossings $one): string => "{$one->cell}: {$one->known} of {$one->of}", $found))->toBe($ranked);
})->with([
    'none is copied' => [[], []],
    'one in the corner' => [[0], ['4: 2 of 4', '1: 1 of 4']],
    'the first row and one below' => [[0, 1, 2, 3, 4], ['5: 3 of 5', '7: 2 of 4', '6: 2 of 5']],
    'all but one' => [[0, 1, 2, 3, 4, 6, 7, 8, 9, 10, 11], ['5: 5 of 5']],
]);

it('lays a sheet under the hand where it rests on what is finished, below and to the hand’s own side', function (Hand $hand, array $done, array $guarded) {
    // Four by three cells of 50 mm: from a cell’s middle the hand reaches 90 mm, into the cell beside and the one after.
    $open = array_values(array_diff(range(0, 11), $done));
    expect(GuardSheet::under(Grid::even(Cells::of(4, 3)), size('200x150mm'), $hand, $done, $open))->toBe($guarded);
})->with([
    'row by row, away from the right hand' => [Hand::Right, [0, 1, 2, 3, 4], []],
    'the same for the left hand drags through the one before' => [Hand::Left, [0, 1, 2, 3, 4], [5, 6]],
    'back over finished ones' => [Hand::Right, [6], [0, 1, 2, 4, 5]],
    'back over finished ones with the left' => [Hand::Left, [6], [2, 3, 7]],
    'nothing is done' => [Hand::Right, [], []],
]);
