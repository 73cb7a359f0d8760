<?php

use App\Wording\CopyWording;
use InchLadder\Copying\Cell;
use InchLadder\Copying\CellAnalysis;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\EyeFraction;
use InchLadder\Copying\Pace;
use InchLadder\Copying\Place;
use InchLadder\Copying\PointInCell;
use InchLadder\Copying\Route;
use InchLadder\Copying\Side;
use InchLadder\Copying\Start;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Division;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Layout\Hand;
use InchLadder\Layout\KeyPoint;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Margins;
use InchLadder\Photo\Reference;
use InchLadder\Pixels\Content;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Transition;
use InchLadder\Pixels\Transitions;
use Tests\Core\Plans;

/**
 * Lightness along a line: `$levels` one after another, changing at `$places`.
 *
 * @param  list<float>  $places
 * @param  list<int>  $levels  one more than places
 */
function stepped(array $places, array $levels, int $samples = 200): array
{
    return array_map(function (int $i) use ($places, $levels, $samples): float {
        $sum = 0.0;
        foreach (range(0, 9) as $tenth) {
            $at = ($i + ($tenth + 0.5) / 10) / $samples;
            $sum += $levels[count(array_filter($places, fn (float $place): bool => $place <= $at))];
        }

        return $sum / 10;
    }, range(0, $samples - 1));
}

/**
 * A cell seen through a shape: dark where it is, light elsewhere.
 *
 * @param  Closure(float, float): bool  $dark  of shares across and down
 */
function looked(Closure $dark, string $paper = '2x2in', float $ratio = 1.0): CellAnalysis
{
    $level = function (float $x, float $y, float $wide, float $high) use ($dark): float {
        $sum = 0;
        foreach ([0.125, 0.375, 0.625, 0.875] as $a) {
            foreach ([0.125, 0.375, 0.625, 0.875] as $b) {
                $sum += $dark($x + $a * $wide, $y + $b * $high) ? 60 : 200;
            }
        }

        return $sum / 16;
    };
    $line = fn (Side $side): array => array_map(function (int $i) use ($side, $level): float {
        [$x, $y] = $side->point($i / 200);

        return $side->isUpright() ? $level($x, $y, 0, 1 / 200) : $level($x, $y, 1 / 200, 0);
    }, range(0, 199));
    [$across, $down] = $ratio >= 1 ? [110, (int) round(110 / $ratio)] : [(int) round(110 * $ratio), 110];
    $field = [];
    foreach (range(0, $down - 1) as $y) {
        foreach (range(0, $across - 1) as $x) {
            $field[] = $level($x / $across, $y / $down, 1 / $across, 1 / $down);
        }
    }

    return CellAnalysis::of(array_combine(array_column(Side::cases(), 'value'), array_map($line, Side::cases())), new Field($across, $down, $field), size($paper), Graduation::read('1/32 in'));
}

/** @return list<string> side and share of each crossing */
function places(CellAnalysis $sight): array
{
    return array_map(fn (Crossing $crossing): string => $crossing->side->value.' '.number_format($crossing->at, 2), $sight->crossings);
}

it('finds where light turns to dark along a line, to half a hundredth', function (array $places, array $levels, array $found) {
    $steps = Transitions::along(stepped($places, $levels));
    expect(count($steps))->toBe(count($found));
    foreach ($found as $i => [$at, $change]) {
        expect($steps[$i]->at)->toEqualWithDelta($at, 0.005)->and($steps[$i]->change)->toEqualWithDelta($change, 0.06 * abs($change));
    }
})->with([
    'one edge' => [[0.3721], [40, 200], [[0.3721, 160]]],
    'in and out' => [[0.25, 0.7], [200, 60, 180], [[0.25, -140], [0.7, 120]]],
    'nothing' => [[], [128], []],
    'fainter than an eye takes for an edge' => [[0.5], [120, 129], []],
    'a faint edge beside a strong one' => [[0.3, 0.7], [10, 40, 250], [[0.7, 210]]],
    'close to the end' => [[0.03], [40, 200], [[0.03, 160]]],
]);

it('takes a hair, whose two edges are one to a pencil, for one', function () {
    expect(Transitions::along(stepped([0.5, 0.51], [200, 60, 190])))->toHaveCount(1);
});

it('takes neither a slow gradient nor grain for an edge', function () {
    mt_srand(7);
    $grain = array_map(fn (): float => 120 + mt_rand(-12, 12), range(1, 200));
    expect(Transitions::along(array_map(fn (int $i): float => $i, range(0, 199))))->toBe([])->and(Transitions::along($grain))->toBe([]);
});

it('names at most the five strongest on a side', function () {
    $steps = Transitions::along(stepped([0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7], [0, 100, 0, 100, 0, 100, 0, 60]));
    expect(array_map(fn (Transition $step): float => round($step->at, 1), $steps))->toHaveCount(5)->not->toContain(0.7);
});

it('follows a contour from where it comes in to where it leaves', function (Closure $dark, array $places, array $courses, string $paper = '2x2in', float $ratio = 1.0) {
    $sight = looked($dark, $paper, $ratio);
    $words = array_map(fn ($course): string => CopyWording::contour($course, new Notation(Unit::Inch, Graduation::read('1/32 in'))), $sight->courses);
    expect(places($sight))->toBe($places)->and($words)->toBe($courses);
})->with([
    // Places and bulges by the circle's own equation: the sagitta is r − √(r² − (c/2)²), c the chord.
    'a disc in the corner, radius half the side' => [fn (float $x, float $y): bool => hypot($x, 1 - $y) < 0.5, ['bottom 0.50', 'left 0.50'], ['in at 1/2 of the bottom side, out at 1/2 of the left side; falls 45°, bulges up 9/32 in']],
    'a disc over the bottom' => [fn (float $x, float $y): bool => hypot($x - 0.5, $y - 1.1) < 0.4, ['bottom 0.11', 'bottom 0.89'], ['in short of 1/8 of the bottom side, out past 7/8 of the bottom side; level, bulges up 19/32 in']],
    'a slope' => [fn (float $x, float $y): bool => $y > 0.75 - 0.25 * $x, ['right 0.50', 'left 0.75'], ['in at 1/2 of the right side, out at 3/4 of the left side; rises 14°, straight']],
    'the same on a paper stretched to twice the height' => [fn (float $x, float $y): bool => $y > 0.75 - 0.25 * $x, ['right 0.50', 'left 0.75'], ['in at 1/2 of the right side, out at 3/4 of the left side; rises 27°, straight'], '2x4in'],
    'a level edge in a wide cell' => [fn (float $x, float $y): bool => $y > 0.3, ['right 0.30', 'left 0.30'], ['in short of 1/3 of the right side, out short of 1/3 of the left side; level, straight'], '4x2in', 2.0],
    'an upright edge in a tall one' => [fn (float $x, float $y): bool => $x > 0.62, ['top 0.62', 'bottom 0.62'], ['in at 5/8 of the top side, out at 5/8 of the bottom side; upright, straight'], '1x2in', 0.5],
    'round a corner' => [fn (float $x, float $y): bool => $y > 0.5 && $x < 0.6, ['bottom 0.60', 'left 0.50'], ['in at 3/5 of the bottom side, out at 1/2 of the left side; falls 40°, bulges up 3/4 in']],
    'to a sharp tip, where it ends' => [fn (float $x, float $y): bool => $y > 0.5 && $y < 0.5 + 0.4 * (0.6 - $x), ['left 0.50', 'left 0.74'], ['in at 1/2 of the left side, fades inside; level, straight', 'in at 3/4 of the left side, fades inside; rises 23°, straight']],
    'nothing at all' => [fn (): bool => false, [], []],
]);

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

it('tells blank cells from busy ones', function () {
    // A field of four quarters: blank, an edge, stripes, and grain too faint to see.
    mt_srand(3);
    $levels = [];
    foreach (range(0, 39) as $y) {
        foreach (range(0, 39) as $x) {
            $levels[] = match (true) {
                $y < 20 && $x < 20 => 200,
                $y < 20 => $x < 30 ? 200 : 80,
                $x < 20 => $x % 4 < 2 ? 40 : 220,
                default => 120 + mt_rand(-2, 2),
            };
        }
    }
    [$blank, $edge, $stripes, $grain] = Content::of(new Field(40, 40, $levels), [0, 0.5, 1], [0, 0.5, 1]);
    expect($blank)->toBeLessThan(\InchLadder\Pixels\Figures::BLANK)
        ->and($grain)->toBeLessThan(\InchLadder\Pixels\Figures::BLANK)
        ->and($edge)->toEqualWithDelta(0.05, 0.001)
        ->and($stripes)->toBeGreaterThan(0.4);
});

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
