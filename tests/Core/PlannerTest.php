<?php

use InchLadder\Fit\Reference;
use InchLadder\Measure\Graduation;
use InchLadder\Photo\Subject;
use InchLadder\Planner\Friendly;
use InchLadder\Planner\NoPlan;
use InchLadder\Planner\Planner;
use InchLadder\Planner\Proposal;
use InchLadder\Planner\Wish;

/** @return list<Proposal> */
function plans(string $print, string $sheet, Wish $wish, string $ruler = '1/16 in'): array
{
    $friendly = Friendly::on(Graduation::read($ruler));

    return (new Planner(Reference::printed(size($print)), size($sheet), $friendly, $friendly))->plans($wish);
}

it('puts first what a careful person would choose', function (string $print, string $sheet, string $photoCell, string $paperCell, int $columns, int $rows) {
    // Common practice.
    $best = plans($print, $sheet, new Wish(Subject::StillLife))[0];
    expect($best->photoCell)->toBeLength($photoCell)
        ->and($best->paperCell)->toBeLength($paperCell)
        ->and([$best->columns, $best->rows])->toBe([$columns, $rows]);
})->with([
    '5 × 7 on letter: 1 in becomes 1½ in' => ['5x7in', '8.5x11in', '1 in', '1.5 in', 5, 7],
    '4 × 6 on 18 × 24: 1 in becomes 4 in' => ['4x6in', '18x24in', '1 in', '4 in', 4, 6],
]);

it('grades a length by the shortest marks it needs', function (string $ruler, string $length, ?int $grade) {
    $friendly = Friendly::on(Graduation::read($ruler));
    expect($friendly->grade($friendly->units(length($length))))->toBe($grade);
})->with([
    ['1/16 in', '3 in', 0],
    ['1/16 in', '1 1/2 in', 1],
    ['1/16 in', '3/4 in', 2],
    ['1/16 in', '3/8 in', 3],
    ['1/16 in', '5/16 in', 4],
    ['1/4 in', '3/8 in', null],
    ['1 mm', '4 cm', 0],
    ['1 mm', '35 mm', 1],
    ['1 mm', '34 mm', 2],
    ['1 mm', '33 mm', 3],
]);

it('says which demand to let go of', function (Wish $wish, string $says) {
    expect(fn () => plans('5x7in', '9x11in', $wish))->toThrow(NoPlan::class, $says);
})->with([
    'the whole sheet' => [new Wish(Subject::StillLife, wholeSheet: true, neverTrim: true), 'Let go of “use the whole sheet”, and there are some.'],
    'few lines' => [new Wish(Subject::Likeness, mostLines: 4), 'Let go of “at most so many lines”'],
    'large cells' => [new Wish(Subject::Likeness, leastCell: length('5 in')), 'Let go of “cells at least so big”'],
    'more than one' => [new Wish(Subject::Likeness, mostLines: 4, leastCell: length('5 in')), 'let go of more than one'],
]);

it('speaks of the photo when no demand was made', function () {
    expect(fn () => plans('0.1x20in', '9x11in', new Wish(Subject::Likeness)))->toThrow(NoPlan::class, 'try other margins, another sheet');
});
