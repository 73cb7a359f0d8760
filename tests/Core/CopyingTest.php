<?php

use App\Wording\CopyWording;
use InchLadder\Copying\Cell;
use InchLadder\Copying\CellAnalysis;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Copying\ContourTrace;
use InchLadder\Copying\Correction;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\EyeFraction;
use InchLadder\Copying\Pace;
use InchLadder\Copying\Piece;
use InchLadder\Copying\Place;
use InchLadder\Copying\PointInCell;
use InchLadder\Copying\Route;
use InchLadder\Copying\Side;
use InchLadder\Copying\Start;
use InchLadder\Copying\Told;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Division;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Layout\Hand;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Places;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Margins;
use InchLadder\Photo\Reference;
use InchLadder\Pixels\Contours;
use Tests\Core\Pictures;
use Tests\Core\Plans;

/**
 * A cell seen through a shape: dark where it is, light elsewhere, and about it what goes on beyond its sides.
 *
 * @param  Closure(float, float): bool  $dark  of shares across and down; −1…2
 * @param  list<Correction>  $corrections  places as shares of the whole, three cells by three
 */
function looked(Closure $dark, string $paper = '2x2in', float $ratio = 1.0, array $corrections = [], ?Place $place = null): CellAnalysis
{
    [$across, $down] = $ratio >= 1 ? [100, (int) round(100 / $ratio)] : [(int) round(100 * $ratio), 100];
    // The same shape is looked at once, whatever is said of it and wherever.
    static $known = [];
    $is = fn (float $x, float $y): bool => $dark(3 * $x - 1, 3 * $y - 1);
    $shape = "{$across} ";
    for ($i = 0; $i < 9 * $across * $down; $i++) {
        $shape .= $is(($i % (3 * $across) + 0.5) / (3 * $across), (intdiv($i, 3 * $across) + 0.5) / (3 * $down)) ? '1' : '0';
    }
    $contours = $known[md5($shape)] ??= Contours::of(Pictures::lab(3 * $across, 3 * $down, fn (float $x, float $y): array => $is($x, $y) ? [25, 5, 5] : [80, 0, 10]));
    [$wide, $high] = array_map(fn (string $side): string => (string) (3 * (int) $side), explode('x', rtrim($paper, 'in')));
    $plan = Plans::of(Reference::onScreen(3 * $across, 3 * $down), size("{$wide}x{$high}in"), fit: new Stretch, school: new ProportionalCells(Cells::of(3, 3)), ruler: '1/32 in');
    $cell = Cell::of($plan->layout, $place ?? new Place(1, 1));
    $seen = ContoursInGrid::of($contours->withLines(ContoursInGrid::thin($contours, $plan->layout)), $plan->layout, $corrections)->cell($cell->place);

    return CellAnalysis::of($seen, $cell->paper, Graduation::read('1/32 in'));
}

/** @return list<string> side and share of each crossing */
function places(CellAnalysis $sight): array
{
    return array_map(fn (Crossing $crossing): string => $crossing->side->value.' '.number_format($crossing->at, 2), $sight->crossings);
}

/** @return list<string> */
function sentences(CellAnalysis $sight): array
{
    return array_map(fn (ContourTrace $contour): string => CopyWording::contour($contour, new Notation(Unit::Inch, Graduation::read('1/32 in'))), $sight->contours);
}

it('follows a contour from where it comes in to where it leaves', function (Closure $dark, array $places, array $courses, string $paper = '2x2in', float $ratio = 1.0) {
    $sight = looked($dark, $paper, $ratio);
    expect(places($sight))->toBe($places)->and(sentences($sight))->toBe($courses)->and($sight->isOpen())->toBeFalse();
})->with([
    // Places and bulges by the circle's own equation: the sagitta is r − √(r² − (c/2)²), c the chord.
    'a disc in the corner, radius half the side' => [fn (float $x, float $y): bool => hypot($x, 1 - $y) < 0.5, ['bottom 0.50', 'left 0.50'], ['in at 1/2 of the bottom side, out at 1/2 of the left side: falls 45°, bulges up 9/32 in']],
    'a disc over the bottom' => [fn (float $x, float $y): bool => hypot($x - 0.5, $y - 1.1) < 0.41, ['bottom 0.10', 'bottom 0.90'], ['in short of 1/8 of the bottom side, out past 7/8 of the bottom side: level, bulges up 5/8 in']],
    'a slope' => [fn (float $x, float $y): bool => $y > 0.75 - 0.25 * $x, ['right 0.50', 'left 0.75'], ['in at 1/2 of the right side, out at 3/4 of the left side: rises 14°, straight']],
    'the same on a paper stretched to twice the height' => [fn (float $x, float $y): bool => $y > 0.75 - 0.25 * $x, ['right 0.50', 'left 0.75'], ['in at 1/2 of the right side, out at 3/4 of the left side: rises 27°, straight'], '2x4in'],
    'a level edge in a wide cell' => [fn (float $x, float $y): bool => $y > 0.3, ['right 0.30', 'left 0.30'], ['in short of 1/3 of the right side, out short of 1/3 of the left side: level, straight'], '4x2in', 2.0],
    'an upright edge in a tall one' => [fn (float $x, float $y): bool => $x > 0.62, ['top 0.62', 'bottom 0.62'], ['in at 5/8 of the top side, out at 5/8 of the bottom side: vertical, straight'], '1x2in', 0.5],
    'round a corner' => [fn (float $x, float $y): bool => $y > 0.5 && $x < 0.6, ['bottom 0.60', 'left 0.50'], ['in at 3/5 of the bottom side, out at 1/2 of the left side: in 2 pieces: straight to a corner at 3/5 across, 1/2 down, then straight']],
    'an S' => [fn (float $x, float $y): bool => $y > 0.5 + 0.12 * sin(2 * M_PI * $x), ['right 0.50', 'left 0.50'], ['in at 1/2 of the right side, out at 1/2 of the left side: in 2 pieces: bulges up 7/32 in to 1/2 across, 1/2 down, then bulges down 7/32 in']],
    'a shape inside' => [fn (float $x, float $y): bool => hypot($x - 0.5, ($y - 0.4) * 1.5) < 0.25, [], ['a shape inside, from 1/4 across to 3/4 across and from short of 1/4 down to short of 3/5 down']],
    'a thin line' => [fn (float $x, float $y): bool => abs($y - 0.3 - 0.4 * $x) < 0.03, ['right 0.70', 'left 0.30'], ['a line 1/8 in wide, in past 2/3 of the right side, out short of 1/3 of the left side: falls 22°, straight']],
    'nothing at all' => [fn (): bool => false, [], []],
]);

it('tells a contour of many corners from one to the next, and the most of a circle in two bows', function () {
    // Battlements: up, along, down, along …, ten corners in the cell.
    $sight = looked(fn (float $x, float $y): bool => $y > (((int) floor(5 * ($x + 2) + 0.5)) % 2 === 0 ? 0.3 : 0.6));
    $words = sentences($sight);
    expect(count($words))->toBeGreaterThan(8)->and(implode(' ', $words))->toContain('to a corner at')->and($sight->isOpen())->toBeFalse();
    foreach ($sight->contours as $contour) {
        // A corner is rounded by a hair, as it is looked at smoothed.
        expect(count($contour->pieces->all))->toBeLessThan(3)->and(max(array_map(fn (Piece $piece): float => abs($piece->bulge), $contour->pieces->all)))->toBeLessThan(1.2);
    }
    $round = looked(fn (float $x, float $y): bool => hypot($x - 0.45, $y - 0.5) < 0.35 || ($x > 0.4 && abs($y - 0.5) < 0.2));
    // From the bar's upper side round to its lower one: three quarters of a circle and more.
    $most = max(array_map(fn (ContourTrace $contour): int => count(array_filter($contour->pieces->all, fn (Piece $piece): bool => ! $piece->isStraight())), $round->contours));
    expect($most)->toBeLessThanOrEqual(3);
});

it('tells a sharp tip by its two edges, and as one line where a pencil cannot part them', function () {
    $sight = looked(fn (float $x, float $y): bool => $y > 0.5 && $y < 0.5 + 0.4 * (0.6 - $x));
    expect(places($sight))->toBe(['left 0.50', 'left 0.74'])->and($sight->contours)->toHaveCount(3);
    [$upper, $lower, $line] = [sentences($sight)[1], sentences($sight)[0], sentences($sight)[2]];
    expect($upper)->toContain('in at 1/2 of the left side, meets another at')->toContain('level, straight')
        ->and($lower)->toContain('in at 3/4 of the left side, meets another at')->toContain('straight')
        ->and($line)->toStartWith('a line')->toContain('from short of 3/5 across');
});

it('takes up what a hand said of a crossing or a contour, in both cells at the side', function (array $corrections, array $here, array $beside, bool $open) {
    // A level edge at 2/5 of the middle row of cells; places are shares of three cells by three.
    $looked = fn (Place $place): CellAnalysis => looked(fn (float $x, float $y): bool => $y > 0.4, corrections: array_map(fn (array $one): Correction => new Correction(...$one), $corrections), place: $place);
    [$cell, $right] = [$looked(new Place(1, 1)), $looked(new Place(2, 1))];
    expect(places($cell))->toBe($here)->and(places($right))->toBe($beside)->and($cell->isOpen())->toBe($open);
})->with([
    'nothing' => [[], ['right 0.40', 'left 0.40'], ['right 0.40', 'left 0.40'], false],
    'a crossing moved' => [[[Told::Crossing, [2 / 3, 1.4 / 3], [[2 / 3, 1.5 / 3]]]], ['right 0.50', 'left 0.40'], ['right 0.40', 'left 0.50'], false],
    'struck out: the contour stops at the side' => [[[Told::Crossing, [2 / 3, 1.4 / 3], []]], ['left 0.40'], ['right 0.40'], true],
    'put where none was: nothing leads to it' => [[[Told::Crossing, null, [[2 / 3, 1.8 / 3]]]], ['right 0.40', 'right 0.80', 'left 0.40'], ['right 0.40', 'left 0.40', 'left 0.80'], true],
    'and a contour drawn to it' => [[[Told::Crossing, null, [[2 / 3, 1.8 / 3]]], [Told::Contour, null, [[0.4, 0.5], [2 / 3, 1.8 / 3]]]], ['right 0.40', 'right 0.80', 'left 0.40'], ['right 0.40', 'left 0.40', 'left 0.80'], false],
    'a contour struck out here: the cell beyond still has the crossing' => [[[Told::Contour, [0.5, 1.4 / 3], []]], ['right 0.40', 'left 0.40'], ['right 0.40', 'left 0.40'], true],
    'and there: nobody has' => [[[Told::Contour, [0.5, 1.4 / 3], []], [Told::Contour, [5 / 6, 1.4 / 3], []]], ['left 0.40'], [], true],
    'a contour drawn through both' => [[[Told::Contour, null, [[0.4, 0.5], [0.9, 0.6]]]], ['right 0.40', 'right 0.66', 'left 0.40'], ['right 0.40', 'left 0.40', 'left 0.66'], false],
    'its end moved along the side, as the cell beyond has it' => [[[Told::Contour, null, [[0.4, 0.5], [2 / 3, 1.8 / 3]]], [Told::Crossing, [2 / 3, 1.8 / 3], [[2 / 3, 1.6 / 3]]]], ['right 0.40', 'right 0.60', 'left 0.40'], ['right 0.40', 'left 0.40', 'left 0.60'], false],
    'a word about another place' => [[[Told::Crossing, [0.1, 0.1], []]], ['right 0.40', 'left 0.40'], ['right 0.40', 'left 0.40'], false],
]);

it('forgets a word that is taken back, and keeps the last one on a thing', function (array $words, array $kept) {
    $off = fn (array $a, array $b): float => 3 * hypot($a[0] - $b[0], $a[1] - $b[1]);
    $said = array_reduce($words, fn (array $said, array $word): array => Correction::said($said, new Correction(...$word), $off), []);
    expect(array_map(fn (Correction $one): array => [$one->what, $one->was, $one->now], $said))->toBe($kept);
})->with([
    'added and taken away' => [[[Told::Crossing, null, [[0.5, 0.5]]], [Told::Crossing, [0.501, 0.5], []]], []],
    'added and moved' => [[[Told::Crossing, null, [[0.5, 0.5]]], [Told::Crossing, [0.5, 0.5], [[0.5, 0.6]]]], [[Told::Crossing, null, [[0.5, 0.6]]]]],
    'moved twice' => [[[Told::Crossing, [0.1, 0.5], [[0.2, 0.5]]], [Told::Crossing, [0.2, 0.5], [[0.3, 0.5]]]], [[Told::Crossing, [0.1, 0.5], [[0.3, 0.5]]]]],
    'moved and struck out' => [[[Told::Crossing, [0.1, 0.5], [[0.2, 0.5]]], [Told::Crossing, [0.2, 0.5], []]], [[Told::Crossing, [0.1, 0.5], []]]],
    'a drawn contour taken away by its middle' => [[[Told::Contour, null, [[0.1, 0.1], [0.5, 0.5]]], [Told::Contour, [0.3, 0.3], []]], []],
    'two things' => [[[Told::Crossing, [0.1, 0.5], []], [Told::Contour, [0.1, 0.5], []]], [[Told::Crossing, [0.1, 0.5], []], [Told::Contour, [0.1, 0.5], []]]],
]);

it('writes places and reads them as they were', function (array $places, string $written) {
    expect(Places::write($places))->toBe($written)->and(Places::read($written, Correction::MOST_POINTS))->toEqual($places);
})->with([[[], ''], [[[0.25, 0.5]], '0.25 0.5'], [[[0.25, 0.5], [-1.125, 1.0]], '0.25 0.5, -1.125 1']]);

it('reads no places from nonsense', function (string $text) {
    expect(Places::read($text, Correction::MOST_POINTS))->toBeNull();
})->with(['0.5', '0.5,0.5', '1e3 2', '0.5 0.5,', "0.5 0.5\n", '111 2', implode(', ', array_fill(0, 25, '0 0'))]);

it('says a share the way an eye judges it, with its base', function (string $share, string $words, string $exactly) {
    $eye = EyeFraction::of(Rational::of($share));
    expect(CopyWording::eye($eye, Side::Top))->toBe($words)->and(CopyWording::exactly($eye))->toBe($exactly);
})->with([
    ['0.375', '3/8', '37.5 %'],
    ['0.413', 'past 2/5', '41.3 %, 1.3 % of the side past 2/5'],
    ['0.48', 'short of 1/2', '48 %, 2 % of the side short of 1/2'],
    ['0.335', '1/3', '33.5 %, 0.2 % of the side past 1/3'],
    ['0', 'the left', '0 %'],
    ['0.98', 'short of the right', '98 %, 2 % of the side short of 1'],
    ['0.05', 'past the left', '5 %, 5 % of the side past 0'],
]);

it('goes through the cells as it is asked', function (Start $start, array $order, Hand $hand = Hand::Right, ?Place $focal = null, array $content = [], array $known = []) {
    expect(Route::of($start, Cells::of(3, 3), $hand, $focal, $content, $known)->order)->toBe($order);
})->with([
    'row by row' => [Start::Corner, [0, 1, 2, 3, 4, 5, 6, 7, 8]],
    'row by row, left-handed' => [Start::Corner, [2, 1, 0, 5, 4, 3, 8, 7, 6], Hand::Left],
    'from the middle' => [Start::Middle, [4, 0, 1, 2, 3, 5, 6, 7, 8]],
    'round the outside' => [Start::Outside, [0, 1, 2, 3, 5, 6, 7, 8, 4]],
    'from a point' => [Start::Focal, [8, 4, 5, 7, 0, 1, 2, 3, 6], Hand::Right, new Place(2, 2)],
    'from a point when there is none' => [Start::Focal, [4, 0, 1, 2, 3, 5, 6, 7, 8]],
    'the easiest first' => [Start::Easiest, [1, 0, 2, 3, 4, 5, 6, 7, 8], Hand::Right, null, [0.5, 0.1, 0.5, 0.5, 0.5, 0.5, 0.5, 0.5, 0.9]],
    'the hardest first' => [Start::Hardest, [8, 0, 2, 3, 4, 5, 6, 7, 1], Hand::Right, null, [0.5, 0.1, 0.5, 0.5, 0.5, 0.5, 0.5, 0.5, 0.9]],
    'where most sides are known' => [Start::Joined, [1, 3, 0, 4, 2, 5, 6, 7, 8], Hand::Right, null, [], [1, 3]],
]);

it('visits every cell once, on any grid and by any way', function (Start $start, int $columns, int $rows) {
    $order = Route::of($start, Cells::of($columns, $rows), Hand::Left, new Place(0, $rows - 1), [], [$columns * $rows - 1])->order;
    sort($order);
    expect($order)->toBe(range(0, $columns * $rows - 1));
})->with(Start::cases())->with([[1, 1], [7, 5], [1, 9], [12, 2]]);

it('goes on after a cell to the next that is open, round once', function (?int $after, array $settled, ?int $next) {
    expect(Route::of(Start::Corner, Cells::of(3, 2), Hand::Right)->after($after, $settled))->toBe($next);
})->with([
    [null, [], 0],
    [null, [0, 1], 2],
    [2, [2, 3], 4],
    [5, [5], 0],
    [1, [0, 1, 2, 3, 4, 5], null],
    [4, [0, 2, 3, 4, 5], 1],
]);

it('keeps to a way that is no row, wherever the hand has been', function () {
    // Round the outside of 3 × 3, the middle cell taken out of turn: the first open one of the way is next.
    expect(Route::of(Start::Outside, Cells::of(3, 3), Hand::Right)->after(4, [0, 1, 4]))->toBe(2);
});

it('lays a cell on the paper: its size, its place on the sheet, its own ticks', function (Place $place, array $wanted) {
    // 5 × 7 in, 2 in squares: 2 whole columns and half a one, 3 rows and half a one.
    $plan = Plans::of(Reference::printed(size('5x7in')), size('6x8in'), school: new SquaresByMeasure(length('2 in')), margins: Margins::all(length('1/2 in')), divisions: [new Division(0, 1, 3)]);
    $cell = Cell::of($plan->layout, $place);
    $read = fn (Rounded $rounded): string => $plan->choices->notation->amount($rounded->reading);
    expect([$cell->address(), (string) $cell->left, (string) $cell->top, $cell->isPartial(), $read($cell->fromLeft), $read($cell->fromTop), array_map($read, $cell->ticks($cell->paper->width))])->toEqual($wanted)
        ->and($cell->paper->width->dividedBy(5)->exact())->toBe($plan->layout->fitted->area->width->times($cell->width)->dividedBy(5)->exact());
})->with([
    'the first' => [new Place(0, 0), ['A1', '0', '0', false, '1/2', '1/2', ['1/4' => '1/2', '1/2' => '1', '3/4' => '1 1/2']]],
    'cut in three' => [new Place(0, 1), ['A2', '0', '2/7', false, '1/2', '2 1/2', ['1/3' => '11/16', '2/3' => '1 5/16']]],
    'a partial one, from its own corner' => [new Place(2, 3), ['C4', '4/5', '6/7', true, '4 1/2', '6 1/2', ['1/4' => '1/4', '1/2' => '1/2', '3/4' => '3/4']]],
]);

it('finds the key points of a cell, measured from its own lines', function (Place $place, array $found) {
    // 5 × 7 in under 1 in squares; the paper is as large as the print.
    $point = fn (string $name, string $x, string $y): KeyPoint => new KeyPoint($name, Rational::of($x), Rational::of($y), false);
    $plan = Plans::of(Reference::printed(size('5x7in')), size('5x7in'), school: new SquaresByMeasure(length('1 in')), points: [$point('eye', '0.5', '0.25'), $point('hinge', '2/5', '3/7'), $point('corner', '1', '1')]);
    $read = fn (Rounded $rounded): string => $plan->choices->notation->amount($rounded->reading);
    expect(array_map(fn (PointInCell $point): array => [$point->name, (string) $point->x, (string) $point->y, $read($point->across), $read($point->down)], Cell::of($plan->layout, $place)->points()))->toBe($found);
})->with([
    'inside' => [new Place(2, 1), [['eye', '1/2', '3/4', '1/2', '3/4']]],
    'on the lines: the cell to the right and below has it' => [new Place(2, 3), [['hinge', '0', '0', '0', '0']]],
    'at the far corner' => [new Place(4, 6), [['corner', '1', '1', '1', '1']]],
    'none' => [new Place(0, 0), []],
]);

it('tells the time left from the hand’s own pace', function (array $minutes, int $cells, ?string $takes) {
    $pace = Pace::of(array_map(fn (float $minute): int => (int) (60 * $minute), $minutes));
    expect($pace === null ? null : CopyWording::takes($pace->minutesFor($cells)))->toBe($takes);
})->with([
    'too few to tell' => [[0, 4, 8], 10, null],
    'four minutes a cell' => [[0, 4, 8, 12], 10, 'about 40 min'],
    'in any order' => [[12, 0, 8, 4], 10, 'about 40 min'],
    'a rest between is none of it' => [[0, 4, 8, 600, 604], 10, 'about 40 min'],
    'one slow cell does not make the rest slow' => [[0, 3, 6, 36, 39, 42], 5, 'about 15 min'],
    'halfway between two' => [[0, 2, 4, 8, 12], 10, 'about 30 min'],
    'nearly done' => [[0, 4, 8, 12], 1, 'a few minutes'],
    'hours, by halves' => [[0, 10, 20, 30], 15, 'about 2 1/2 h'],
    'just an hour' => [[0, 10, 20, 30], 6, 'about 1 h'],
    'noted all at once' => [[0, 0, 0, 0, 0], 10, null],
]);
