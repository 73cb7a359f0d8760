<?php

use App\Wording\Phrases;
use InchLadder\Grid\Addresses;
use InchLadder\Grid\Cells;
use InchLadder\Grid\CellTooLarge;
use InchLadder\Grid\Corner;
use InchLadder\Grid\CountOutOfRange;
use InchLadder\Grid\Division;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Fineness;
use InchLadder\Grid\FoldsOdd;
use InchLadder\Grid\Grid;
use InchLadder\Grid\Hairlines;
use InchLadder\Grid\Labels;
use InchLadder\Grid\LineColour;
use InchLadder\Grid\Part;
use InchLadder\Grid\Remainder;
use InchLadder\Grid\School;
use InchLadder\Grid\Schools\AxesWithTicks;
use InchLadder\Grid\Schools\CentreCross;
use InchLadder\Grid\Schools\Folding;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\Schools\OwnLines;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\QuartersAndDiagonals;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Grid\Schools\Thirds;
use InchLadder\Grid\SetUpTime;
use InchLadder\Measure\Rational;
use InchLadder\Photo\Reference;
use InchLadder\Pixels\Lab;
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
        ->and($grid->across->isPartial($columns - 1))->toBe($partial)
        ->and($grid->across->isPartial(0))->toBeFalse();
})->with([
    ['1.5 in', false, 5, 7, false],
    ['1 in', true, 5, 7, false],
    ['1 in', false, 8, 11, true],
    ['2 in', true, 3, 4, true],
    ['2 cm', false, 10, 14, true],
]);

it('covers the whole area whatever the cell, in rising order, partial last cell included', function (string $cell) {
    $grid = (new SquaresByMeasure(length($cell)))->over(size('8x10in'), null);
    foreach ([$grid->columns, $grid->rows] as $fractions) {
        expect((string) $fractions[0])->toBe('0')->and((string) end($fractions))->toBe('1');
        for ($i = 1; $i < count($fractions); $i++) {
            expect($fractions[$i]->isGreaterThan($fractions[$i - 1]))->toBeTrue();
        }
    }
})->with([
    '1 in',
    '3/7 in',
    '1/3 in',
    '2.54 cm',
    '8 in',
    '0.2 in',
    '19 mm',
]);

it('divides into equal parts that need not be square', function () {
    $plan = Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), school: new ProportionalCells(Cells::of(8, 8)));
    // A letter sheet folded in eight both ways (common practice): 8 parts, 7 creases, 9 lines with the edges.
    expect($plan->layout->cell())->toEqual(size('17/16x11/8in'))
        ->and($plan->layout->grid->cells()->columns)->toBe(8)
        ->and($plan->layout->grid->innerLines())->toBe(14)
        ->and($plan->layout->grid->columns)->toHaveCount(9);
});

it('limits a grid to 60 a side', function (int $columns, int $rows, ?string $says) {
    $cells = fn () => Cells::of($columns, $rows);
    $says === null ? expect($cells()->columns)->toBe($columns) : expect($cells)->toBeRefused(CountOutOfRange::class, $says);
})->with([
    [1, 1, null],
    [60, 60, null],
    [0, 5, 'at least 1 of its columns'],
    [5, 0, 'at least 1 of its rows'],
    [61, 5, '61 columns are more'],
    [500, 5, '500 columns are more than can be ruled'],
    [5, -3, 'at least 1'],
]);

it('refuses squares that make more than 60, or none', function (string $cell, string $exception) {
    expect(fn () => (new SquaresByMeasure(length($cell)))->over(size('8x10in'), null))->toThrow($exception);
})->with([
    ['1 mm', CountOutOfRange::class],
    ['9 in', CellTooLarge::class],
    ['0', CellTooLarge::class],
    ['10 in', CellTooLarge::class],
]);

it('names cells in one way only', function (Labels $labels, Corner $corner, int $column, int $row, string $address) {
    expect((new Addresses($labels, $corner, Cells::of(60, 60)))->of($column, $row))->toBe($address);
})->with([
    [Labels::Letters, Corner::TopLeft, 0, 0, 'A1'],
    [Labels::Letters, Corner::TopLeft, 2, 3, 'C4'],
    [Labels::Letters, Corner::TopLeft, 25, 9, 'Z10'],
    [Labels::Letters, Corner::TopLeft, 26, 0, 'AA1'],
    [Labels::Letters, Corner::TopLeft, 52, 0, 'BA1'],
    [Labels::Letters, Corner::TopLeft, 59, 59, 'BH60'],
    [Labels::Letters, Corner::TopRight, 59, 0, 'A1'],
    [Labels::Letters, Corner::TopRight, 0, 3, 'BH4'],
    [Labels::Numbers, Corner::TopLeft, 0, 0, '1 in, 1 down'],
    [Labels::Numbers, Corner::TopLeft, 4, 2, '5 in, 3 down'],
    [Labels::Numbers, Corner::TopRight, 55, 2, '5 in, 3 down'],
    [Labels::Running, Corner::TopLeft, 0, 0, '1'],
    [Labels::Running, Corner::TopLeft, 4, 2, '125'],
    [Labels::Running, Corner::TopRight, 59, 1, '61'],
]);

it('gives no two cells the same address', function (Labels $labels, Corner $corner) {
    $all = (new Addresses($labels, $corner, Cells::of(60, 60)))->all();
    expect($all)->toHaveCount(3600)->and(array_unique($all))->toHaveCount(3600);
})->with(Labels::cases())->with(Corner::cases());

it('numbers the rows of a running count by their first cell', function () {
    $addresses = new Addresses(Labels::Running, Corner::TopLeft, Cells::of(5, 7));
    expect([$addresses->column(0), $addresses->column(4), $addresses->row(0), $addresses->row(2)])->toBe(['1', '5', '1', '11']);
});

it('does with what remains as it is told', function (Remainder $remainder, array $fractions, array $partial, string $covered) {
    // 8 in in steps of 3 in: two whole squares, and 2 in over.
    $edge = Edge::steps(Rational::nd(3, 8), $remainder, 'columns');
    expect(fractions($edge->fractions))->toBe($fractions)
        ->and($edge->partial)->toBe($partial)
        ->and((string) $edge->covered)->toBe($covered);
})->with([
    'kept' => [Remainder::Keep, ['0', '3/8', '3/4', '1'], [2], '1'],
    'shared' => [Remainder::Share, ['0', '1/8', '1/2', '7/8', '1'], [0, 3], '1'],
    'dropped' => [Remainder::Drop, ['0', '1/2', '1'], [], '3/4'],
    'absorbed' => [Remainder::Absorb, ['0', '1/3', '2/3', '1'], [], '1'],
]);

it('draws neither picture nor paper where what remains is dropped, and keeps the scale', function () {
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), school: new SquaresByMeasure(length('3 in'), false, Remainder::Drop));
    expect($plan->layout->fitted->area)->toEqual(size('6x12in'))
        ->and($plan->layout->print)->toEqual(size('3x6in'))
        ->and((string) $plan->layout->scale->x)->toBe('2')
        ->and((string) $plan->layout->fitted->crop->left)->toBe('1/8')
        ->and($plan->layout->left)->toBeLength('1 in')
        ->and($plan->layout->cell())->toEqual(size('3x3in'));
});

it('lays each school on the one model', function (School $school, array $across, array $down, bool $diagonals, int $lines) {
    $grid = $school->over(size('8x12in'), null);
    expect(fractions($grid->columns))->toBe($across)
        ->and(fractions($grid->rows))->toBe($down)
        ->and($grid->diagonals)->toBe($diagonals)
        ->and($grid->innerLines())->toBe($lines);
})->with([
    'thirds' => [new Thirds, ['0', '1/3', '2/3', '1'], ['0', '1/3', '2/3', '1'], false, 4],
    'quarters and diagonals' => [new QuartersAndDiagonals, ['0', '1/2', '1'], ['0', '1/2', '1'], true, 4],
    'folding' => [Folding::into(4, 2), ['0', '1/4', '1/2', '3/4', '1'], ['0', '1/2', '1'], false, 4],
    'centre cross' => [new CentreCross, ['0', '1/2', '1'], ['0', '1/2', '1'], false, 2],
    'axes' => [new AxesWithTicks(Rational::nd(1, 4), Rational::nd(1, 3), length('1 in')), ['0', '1/4', '1'], ['0', '1/3', '1'], false, 2],
    'main lines, in any order, once each' => [new MainLines([Rational::nd(2, 3), Rational::nd(1, 5), Rational::nd(2, 3)], [Rational::one()]), ['0', '1/5', '2/3', '1'], ['0', '1'], false, 2],
    'own lines, those beyond the edge left out' => [new OwnLines([length('2 in'), length('9 in')], [length('3 in')]), ['0', '1/4', '1'], ['0', '1/4', '1'], false, 2],
]);

it('ticks the axes from where they meet', function () {
    $axes = (new AxesWithTicks(Rational::nd(1, 4), Rational::nd(1, 3), length('2 in')))->over(size('8x12in'), null)->axes;
    expect(fractions($axes->across))->toBe(['0', '1/4', '1/2', '3/4', '1'])
        ->and(fractions($axes->down))->toBe(['0', '1/6', '1/3', '1/2', '2/3', '5/6', '1']);
});

it('folds into halves of halves only', fn (int $parts) => expect(fn () => Folding::into(4, $parts))->toBeRefused(FoldsOdd::class, 'Folding gives 2, 4, 8 or 16 parts'))->with([
    0,
    1,
    3,
    6,
    12,
    32,
]);

it('lies over a part of the picture only, and its place is kept on every ruler', function () {
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), school: new ProportionalCells(Cells::of(2, 2)), part: Part::of(Rational::nd(1, 4), Rational::nd(1, 2), Rational::nd(1, 2), Rational::nd(1, 4)));
    expect(fractions($plan->layout->grid->columns))->toBe(['1/4', '1/2', '3/4'])
        ->and(fractions($plan->layout->grid->rows))->toBe(['1/2', '5/8', '3/4'])
        ->and($plan->layout->cell())->toEqual(size('2x1.5in'))
        ->and($plan->across()->marks)->toHaveCount(3)
        ->and($plan->across()->marks[0]->line)->toBe(0)
        ->and($plan->across()->marks[0]->at->sheet->reading)->toBeLength('2 in')
        ->and($plan->down()->marks[2]->at->print?->reading)->toBeLength('4.5 in')
        ->and($plan->layout->grid->cellAt(0.6, 0.6))->toBe([1, 0]);
});

it('keeps a part inside the crop', function (array $wanted, array $kept) {
    $part = Part::of(...array_map(Rational::of(...), $wanted));
    expect(fractions([$part->left, $part->top, $part->width, $part->height]))->toBe($kept);
})->with([
    [['1/2', '0', '1', '1/2'], ['1/2', '0', '1/2', '1/2']],
    [['-1', '2', '0', '1'], ['0', '49/50', '1/50', '1/50']],
]);

it('cuts one cell finer and leaves the mesh as it is', function () {
    $grid = Grid::even(Cells::of(2, 5));
    $division = new Division(1, 2, 4);
    expect(fractions($division->across($grid)))->toBe(['5/8', '3/4', '7/8'])
        ->and(fractions($division->down($grid)))->toBe(['9/20', '1/2', '11/20'])
        ->and(fractions(array_values($division->reach($grid))))->toBe(['1/2', '1', '2/5', '3/5'])
        ->and(fractions(array_values((new Division(1, 2, 2, Hairlines::RunOn))->reach($grid))))->toBe(['0', '1', '0', '1'])
        ->and($division->isIn($grid))->toBeTrue()
        ->and((new Division(2, 0, 2))->isIn($grid))->toBeFalse();
});

it('proposes columns for the smallest thing that matters', function (Fineness $fineness, string $feature, int $columns) {
    expect($fineness->columns(Rational::of($feature)))->toBe([$columns, true]);
})->with([
    [Fineness::Loose, '1/8', 8],
    [Fineness::Middling, '1/8', 16],
    [Fineness::Exact, '1/8', 32],
    [Fineness::Loose, '0.3', 4],
    [Fineness::Loose, '1', 1],
]);

it('gives the finest grid there is for a thing too small for any', fn () => expect(Fineness::Exact->columns(Rational::nd(1, 20)))->toBe([60, false]));

it('allows five to ten minutes for a dozen lines', fn (int $lines, string $words) => expect(Phrases::setUp(SetUpTime::forLines($lines)))->toBe($words))
    ->with([
        [12, '5–10 min'],
        [0, 'nothing to rule'],
        [1, 'about 1 min'],
        [7, '3–6 min'],
        [118, '50–99 min'],
    ]);

it('tells the cell a point lies in; the far edges belong to the last', function (float $x, float $y, array $cell) {
    expect(Grid::even(Cells::of(4, 5))->cellAt($x, $y))->toBe($cell);
})->with([
    [0, 0, [0, 0]],
    [0.25, 0.2, [1, 1]],
    [0.2499, 0.1999, [0, 0]],
    [1, 1, [3, 4]],
    [0.5, 0.99, [2, 4]],
]);

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

it('judges a colour by the poorest tenth of what lies under it', function (int $white, bool $asOnBlack) {
    $black = Lab::fromSrgb(5, 5, 5);
    $best = LineColour::showingOn([[$black, 100 - $white], [Lab::fromSrgb(255, 253, 246), $white]]);
    expect($best === LineColour::showingOn([[$black, 100]]))->toBe($asOnBlack);
})->with(['a twelfth of a hundred is too little' => [8, true], 'twelve of a hundred are too much' => [12, false]]);

it('is regular where all its whole parts are as long as each other', function () {
    $edge = fn (string $step, InchLadder\Grid\Remainder $remainder) => InchLadder\Grid\Edge::steps(InchLadder\Measure\Rational::of($step), $remainder, 'columns');
    expect($edge('2/7', InchLadder\Grid\Remainder::Keep)->isRegular())->toBeTrue()->and($edge('2/7', InchLadder\Grid\Remainder::Share)->isRegular())->toBeTrue();
    $main = (new InchLadder\Grid\Schools\MainLines([InchLadder\Measure\Rational::nd(1, 5)], [InchLadder\Measure\Rational::nd(1, 2)]))->over(size('8x10in'), null);
    expect([$main->across->isRegular(), $main->down->isRegular()])->toBe([false, true]);
});

it('lets one odd pixel in a hundred decide nothing', function () {
    $white = [Lab::fromSrgb(255, 253, 246), 1];
    expect(LineColour::showingOn([[Lab::fromSrgb(5, 5, 5), 99], $white]))->toBe(LineColour::showingOn([[Lab::fromSrgb(5, 5, 5), 99]]));
});

it('cuts a side into 60 parts at most, however the rest is kept', function (string $step, Remainder $remainder, ?int $parts) {
    $cut = fn (): int => InchLadder\Grid\Edge::steps(InchLadder\Measure\Rational::of($step), $remainder, 'columns')->parts();
    $parts === null ? expect($cut)->toThrow(InchLadder\Grid\CountOutOfRange::class) : expect($cut())->toBe($parts);
})->with([
    ['1/60', InchLadder\Grid\Remainder::Keep, 60], ['1/61', InchLadder\Grid\Remainder::Keep, null], ['2/119', InchLadder\Grid\Remainder::Keep, 60], ['2/121', InchLadder\Grid\Remainder::Keep, null], ['2/121', InchLadder\Grid\Remainder::Drop, 60],
    ['2/117', InchLadder\Grid\Remainder::Share, 60], ['2/119', InchLadder\Grid\Remainder::Share, null], ['2/7', InchLadder\Grid\Remainder::Share, 5], ['2', InchLadder\Grid\Remainder::Keep, 1],
]);

it('ticks axes 60 times at most, and says how many it would have been', function () {
    $ticks = fn (string $step) => InchLadder\Grid\Axes::through(...array_map(InchLadder\Measure\Rational::of(...), ['1/2', '1/2', $step, '1/4']));
    expect($ticks('1/60')->across)->toHaveCount(61);
    try {
        $ticks('1/62');
        $this->fail('62 ticks were taken.');
    } catch (InchLadder\Grid\CountOutOfRange $refused) {
        expect($refused->facts['count'])->toBe(63);
    }
});

it('holds a grid that is ruled already against its own: the same count, or each line that is off by how much', function () {
    $own = InchLadder\Grid\Edge::even(4);
    expect(InchLadder\Grid\RuledAlready::in(4, $own)->off)->toBe([])->and(InchLadder\Grid\RuledAlready::in(4, $own)->isSameCount())->toBeTrue();
    $five = InchLadder\Grid\RuledAlready::in(5, $own);
    expect($five->isSameCount())->toBeFalse()->and(array_map(strval(...), $five->off))->toBe([1 => '1/20', 2 => '1/10', 3 => '1/10', 4 => '1/20']);
    // The last cell is cut short: counted with it, it is the same grid; any other count is not.
    $cut = InchLadder\Grid\Edge::steps(InchLadder\Measure\Rational::of('2/7'), InchLadder\Grid\Remainder::Keep, 'columns');
    expect(array_map(fn (int $parts): bool => InchLadder\Grid\RuledAlready::in($parts, $cut)->isSameCount(), [3, 4, 5]))->toBe([false, true, false]);
    // Shared out at both ends: 1/7, twice 2/7 and 2/7, 1/7.
    $shared = InchLadder\Grid\Edge::steps(InchLadder\Measure\Rational::of('2/7'), InchLadder\Grid\Remainder::Share, 'columns');
    expect(array_map(fn (int $parts): bool => InchLadder\Grid\RuledAlready::in($parts, $shared)->isSameCount(), [3, 4, 5]))->toBe([false, false, true]);
});

it('finds the strip that is too narrow to be cells', function (string $step, Remainder $remainder, ?int $sliver) {
    expect(InchLadder\Grid\Edge::steps(InchLadder\Measure\Rational::of($step), $remainder, 'columns')->sliver())->toBe($sliver);
})->with([
    // 4 × 6/25 = 24/25: what is left is a sixth of a cell.
    'a sixth of a cell' => ['6/25', InchLadder\Grid\Remainder::Keep, 4],
    // 4 × 4/17 = 16/17: a quarter exactly is a cell.
    'a quarter' => ['4/17', InchLadder\Grid\Remainder::Keep, null],
    // Half of a quarter at either end.
    'shared out' => ['4/17', InchLadder\Grid\Remainder::Share, 0],
    'none' => ['1/4', InchLadder\Grid\Remainder::Keep, null],
    'left off' => ['6/25', InchLadder\Grid\Remainder::Drop, null],
]);
