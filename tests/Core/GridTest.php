<?php

use InchLadder\Fit\CellTooLarge;
use InchLadder\Fit\Reference;
use InchLadder\Grid\Cells;
use InchLadder\Grid\CountOutOfRange;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Lab;
use InchLadder\Grid\Labels;
use InchLadder\Grid\LineColour;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use Tests\Core\Plans;

/** @return list<string> */
function fractions(array $shares): array
{
    return array_map(strval(...), $shares);
}

it('lays squares by count: so many across, as many down as fit', function (string $area, int $columns, array $across, array $down) {
    $grid = SquaresByCount::across($columns)->over(size($area), null);
    expect(fractions($grid->columns))->toBe($across)->and(fractions($grid->rows))->toBe($down);
})->with([
    'no remainder' => ['4x6in', 2, ['0', '1/2', '1'], ['0', '1/3', '2/3', '1']],
    'a remainder at the bottom' => ['4x5in', 2, ['0', '1/2', '1'], ['0', '2/5', '4/5', '1']],
    'one column' => ['4x4in', 1, ['0', '1'], ['0', '1']],
]);

it('lays squares by measure, on the paper or on the print', function (string $cell, bool $onPrint, int $columns, int $rows, bool $partial) {
    $grid = (new SquaresByMeasure(length($cell), $onPrint))->over(size('7.5x10.5in'), size('5x7in'));
    expect([$grid->cells()->columns, $grid->cells()->rows])->toBe([$columns, $rows])
        ->and($grid->isPartialColumn($columns - 1))->toBe($partial)
        ->and($grid->isPartialColumn(0))->toBeFalse();
})->with([
    ['1.5 in', false, 5, 7, false], ['1 in', true, 5, 7, false], ['1 in', false, 8, 11, true], ['2 in', true, 3, 4, true], ['2 cm', false, 10, 14, true],
]);

it('covers the whole area whatever the cell, in rising order, partial last cell included', function (string $cell) {
    $grid = (new SquaresByMeasure(length($cell)))->over(size('8x10in'), null);
    foreach ([$grid->columns, $grid->rows] as $fractions) {
        expect((string) $fractions[0])->toBe('0')->and((string) end($fractions))->toBe('1');
        for ($i = 1; $i < count($fractions); $i++) {
            expect($fractions[$i]->isGreaterThan($fractions[$i - 1]))->toBeTrue();
        }
    }
})->with(['1 in', '3/7 in', '1/3 in', '2.54 cm', '8 in', '0.2 in', '19 mm']);

it('divides into equal parts that need not be square', function () {
    $plan = Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), school: new ProportionalCells(Cells::of(8, 8)));
    // A letter sheet folded in eight both ways (common practice): 8 parts, 7 creases, 9 lines with the edges.
    expect($plan->cell())->toEqual(size('17/16x11/8in'))
        ->and($plan->grid->cells()->columns)->toBe(8)
        ->and($plan->grid->innerLines())->toBe(14)
        ->and($plan->grid->columns)->toHaveCount(9);
});

it('limits a grid to 60 a side', function (int $columns, int $rows, ?string $says) {
    $cells = fn () => Cells::of($columns, $rows);
    $says === null ? expect($cells()->columns)->toBe($columns) : expect($cells)->toThrow(CountOutOfRange::class, $says);
})->with([
    [1, 1, null], [60, 60, null], [0, 5, 'at least 1 of its columns'], [5, 0, 'at least 1 of its rows'],
    [61, 5, '61 columns are more'], [500, 5, '500 columns are more than can be ruled'], [5, -3, 'at least 1'],
]);

it('refuses squares that make more than 60, or none', function (string $cell, string $exception) {
    expect(fn () => (new SquaresByMeasure(length($cell)))->over(size('8x10in'), null))->toThrow($exception);
})->with([['1 mm', CountOutOfRange::class], ['9 in', CellTooLarge::class], ['0', CellTooLarge::class], ['10 in', CellTooLarge::class]]);

it('names cells in one way only', function (Labels $labels, int $column, int $row, string $address) {
    expect($labels->address($column, $row))->toBe($address);
})->with([
    [Labels::Letters, 0, 0, 'A1'], [Labels::Letters, 2, 3, 'C4'], [Labels::Letters, 25, 9, 'Z10'], [Labels::Letters, 26, 0, 'AA1'],
    [Labels::Letters, 51, 0, 'AZ1'], [Labels::Letters, 52, 0, 'BA1'], [Labels::Letters, 59, 59, 'BH60'],
    [Labels::Numbers, 0, 0, '1 in, 1 down'], [Labels::Numbers, 4, 2, '5 in, 3 down'],
]);

it('gives no two cells the same address', function (Labels $labels) {
    $addresses = [];
    foreach (range(0, 59) as $column) {
        foreach (range(0, 59) as $row) {
            $addresses[] = $labels->address($column, $row);
        }
    }
    expect(array_unique($addresses))->toHaveCount(3600);
})->with(Labels::cases());

it('tells the cell a point lies in; the far edges belong to the last', function (float $x, float $y, array $cell) {
    expect(Grid::even(Cells::of(4, 5))->cellAt($x, $y))->toBe($cell);
})->with([[0, 0, [0, 0]], [0.25, 0.2, [1, 1]], [0.2499, 0.1999, [0, 0]], [1, 1, [3, 4]], [0.5, 0.99, [2, 4]]]);

it('picks a line colour that shows on what lies under it', function (array $pixels, array $never) {
    $under = array_map(fn (array $rgb) => [Lab::fromSrgb(...$rgb), 10], $pixels);
    $best = LineColour::showingOn($under);
    expect($best)->not->toBeIn($never);
    foreach ($under as [$tone]) {
        expect($best->lab()->differenceTo($tone))->toBeGreaterThan(25.0);
    }
})->with([
    'snow' => [[[250, 250, 248], [235, 240, 245]], [LineColour::Chalk, LineColour::Lemon]],
    'night' => [[[8, 8, 10], [30, 28, 26]], [LineColour::Graphite]],
    'sea and sky' => [[[60, 140, 210], [120, 180, 230]], [LineColour::Guide]],
    'half snow, half night' => [[[250, 250, 250], [10, 10, 10]], [LineColour::Chalk, LineColour::Graphite]],
]);

it('lets one odd pixel in a hundred decide nothing', function () {
    $white = [Lab::fromSrgb(255, 253, 246), 1];
    expect(LineColour::showingOn([[Lab::fromSrgb(5, 5, 5), 99], $white]))->toBe(LineColour::showingOn([[Lab::fromSrgb(5, 5, 5), 99]]));
});
