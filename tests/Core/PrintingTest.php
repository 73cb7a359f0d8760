<?php

use InchLadder\Fit\Dividers;
use InchLadder\Marks\Folding;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Printing\Bars;
use InchLadder\Printing\BorderImpossible;
use InchLadder\Printing\CalibrationImpossible;
use InchLadder\Printing\Printer;
use InchLadder\Printing\Tile;
use InchLadder\Printing\Tiling;

/*
 * What a printer makes of a length, and large boards over many pages.
 */

it('covers a board with tiles that share just the overlap, up to a wall', function (float $width, float $height, float $roomWide, float $roomHigh, int $columns, int $rows) {
    $tiling = Tiling::over($width, $height, $roomWide, $roomHigh, 10);
    expect([$tiling->columns, $tiling->rows, $tiling->count()])->toBe([$columns, $rows, $columns * $rows])
        ->and($tiling->tileWidth)->toBeLessThanOrEqual($roomWide + 1e-6)
        ->and($tiling->tileHeight)->toBeLessThanOrEqual($roomHigh + 1e-6);
    $tiles = $tiling->tiles();
    $first = array_filter($tiles, fn (Tile $tile) => $tile->row === 0);
    $end = 0.0;
    foreach ($first as $i => $tile) {
        expect($i === 0 ? $tile->left : $end - $tile->left)->toEqualWithDelta($i === 0 ? 0 : 10, 1e-6);
        $end = $tile->left + $tile->width;
    }
    expect($end)->toEqualWithDelta($width, 1e-6);
    $last = end($tiles);
    expect([$last->left + $last->width, $last->top + $last->height])->toEqualWithDelta([$width, $height], 1e-6);
})->with([
    'fits' => [150, 200, 190, 260, 1, 1],
    'just fits' => [190, 260, 190, 260, 1, 1],
    'a hair too wide' => [190.1, 260, 190, 260, 2, 1],
    'exactly two with their overlap' => [370, 260, 190, 260, 2, 1],
    'and a hair more' => [370.1, 260, 190, 260, 3, 1],
    'a wall of five metres' => [5000, 3000, 198, 262, 27, 12],
    'a thin frieze' => [5000, 40, 285, 180, 19, 1],
]);

it('takes as few tiles as can be: one less could not reach', function (float $side) {
    $count = Tiling::over($side, 100, 198, 262, 10)->columns;
    expect($count * 198 - ($count - 1) * 10)->toBeGreaterThanOrEqual($side)
        ->and(max(1, $count - 1) * 198 - max(0, $count - 2) * 10 < $side || $count === 1)->toBeTrue();
})->with([199.0, 386.0, 386.1, 574.0, 1000.0, 1111.1, 4999.9]);

it('names tiles by column and row', function (int $column, int $row, string $name) {
    expect((new Tile($column, $row, 0, 0, 1, 1))->name())->toBe($name);
})->with([
    [0, 0, 'A1'],
    [2, 1, 'C2'],
    [26, 9, 'AA10'],
]);

it('has seams in the middle of what is shared', function () {
    $tiling = Tiling::over(370, 500, 190, 260, 10);
    [$a, $b] = [$tiling->tiles()[0], $tiling->tiles()[1]];
    expect($tiling->seamsAcross())->toEqualWithDelta([($a->left + $a->width + $b->left) / 2], 1e-9)
        ->and($tiling->seamsDown())->toHaveCount($tiling->rows - 1);
});

it('keeps a printer’s axes with its feed: sideways paper swaps them', function () {
    $bars = Bars::of(Length::mm(100), Length::mm(200));
    $printer = Printer::of(Size::mm(297, 210), Length::mm(5))->measured($bars, Length::mm(97), Length::mm(196));
    expect($printer->paper->width->toFloat())->toBe(210.0)
        ->and([(string) $printer->across, (string) $printer->down])->toBe(['97/100', '49/50'])
        ->and([(string) $printer->turned()->across, (string) $printer->turned()->down])->toBe(['49/50', '97/100'])
        ->and($printer->keepsSize())->toBeFalse()
        // 200 × 0.97 and 287 × 0.98: what is inside the border as sent and as printed.
        ->and([$printer->room()->width->toFloat(), $printer->room()->height->toFloat()])->toBe([194.0, 281.26]);
});

it('keeps the border of a printer that lengthens', function () {
    $printer = Printer::of(Size::mm(210, 297), Length::mm(5))->measured(Bars::of(Length::mm(100), Length::mm(100)), Length::mm(101), Length::mm(100));
    expect([$printer->room()->width->toFloat(), $printer->room()->height->toFloat()])->toBe([200.0, 287.0]);
});

it('has bars as long as the paper takes, in whole steps of the ruler’s unit', function (array $paper, Unit $unit, float $across, float $down) {
    $bars = Bars::on(Printer::of(Size::mm(...$paper), Length::mm(6)), $unit);
    expect([$bars->across->toFloat(), $bars->down->toFloat()])->toEqualWithDelta([$across, $down], 1e-9);
})->with([
    'A4' => [[210, 297], Unit::Centimetre, 180, 260],
    'A4 in inches' => [[210, 297], Unit::Inch, 7 * 25.4, 10 * 25.4],
    'A6' => [[105, 148], Unit::Millimetre, 80, 110],
    'a slip' => [[30, 40], Unit::Inch, 25.4, 25.4],
]);

it('refuses printers that cannot be', function (Closure $make, string $class, string $says) {
    expect($make)->toBeRefused($class, $says);
})->with([
    'a border that eats the paper' => [fn () => Printer::of(Size::mm(210, 297), Length::mm(53)), BorderImpossible::class, 'under a quarter of its paper, 52.5 mm here'],
    'a border below nothing' => [fn () => Printer::of(Size::mm(210, 297), Length::mm(-1)), BorderImpossible::class, 'from 0'],
    'a bar half as long' => [fn () => Printer::of(Size::mm(210, 297), Length::mm(5))->measured(Bars::of(Length::mm(100), Length::mm(200)), Length::mm(50), Length::mm(200)), CalibrationImpossible::class, 'The bar across is 100 mm long'],
    'a bar far too long' => [fn () => Printer::of(Size::mm(210, 297), Length::mm(5))->measured(Bars::of(Length::mm(100), Length::mm(200)), Length::mm(100), Length::mm(300)), CalibrationImpossible::class, 'The bar down is 200 mm long'],
]);

it('folds in half, and in half again', function () {
    $creases = Folding::creases(3);
    expect(array_map(fn (array $c) => (string) $c['at'], $creases))->toBe(['1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'])
        ->and(array_column($creases, 'order'))->toBe([3, 2, 3, 1, 3, 2, 3]);
    foreach ($creases as $crease) {
        // A crease lies midway between the two lines that are brought together.
        expect($crease['from']->plus($crease['to'])->dividedBy(2)->isEqualTo($crease['at']))->toBeTrue();
    }
    expect([(string) $creases[3]['from'], (string) $creases[3]['to']])->toBe(['0', '1']);
});

it('knows which counts folding in half can make', function (int $parts, ?int $times) {
    expect(Folding::timesFor($parts))->toBe($times);
})->with([
    [2, 1],
    [4, 2],
    [8, 3],
    [16, 4],
    [5, null],
    [6, null],
]);

it('sets dividers of 200 mm: the pivot from the short end (common practice)', function (int $ratio, float $mm) {
    expect(Dividers::pivot(Rational::of($ratio), Length::mm(200))->toFloat())->toEqualWithDelta($mm, 0.05);
})->with([
    [1, 100],
    [2, 66.7],
    [3, 50],
]);
