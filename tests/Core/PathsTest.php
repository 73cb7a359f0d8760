<?php

use InchLadder\Copying\Bow;
use InchLadder\Copying\EvenSteps;
use InchLadder\Copying\Extremes;
use InchLadder\Copying\Run;
use InchLadder\Copying\SeenInCell;
use InchLadder\Copying\Side;
use InchLadder\Fit\LengthOfNothing;
use InchLadder\Fit\QuickScale;
use InchLadder\Measure\Rational;
use InchLadder\Photo\PrintMismatch;
use InchLadder\Photo\Resolution;
use InchLadder\Pixels\End;

/** @param  list<array{float, float}>  $path */
function runOf(array $path, ?Side $in = null, ?Side $out = null, mixed ...$more): Run
{
    return new Run($path, $in, $out, ...$more + ['starts' => End::Fades, 'ends' => End::Fades, 'contrast' => 20.0]);
}

it('goes along a path in steps of one length, round its corners', function () {
    mt_srand(5);
    for ($round = 0; $round < 60; $round++) {
        $path = [];
        for ($i = 0, $count = mt_rand(2, 9); $i < $count; $i++) {
            $path[] = [mt_rand(0, 1000) / 100, mt_rand(0, 1000) / 100];
        }
        $step = mt_rand(20, 150) / 100;
        $even = EvenSteps::along($path, $step);
        // How far along the path each place lies, found by going there in hairs.
        $gone = [];
        [$far, $next] = [0.0, 0];
        foreach ($path as $i => [$x, $y]) {
            if ($i === 0) {
                continue;
            }
            [$fromX, $fromY] = $path[$i - 1];
            $long = hypot($x - $fromX, $y - $fromY);
            for ($k = 0; $k < 2000 && $next < count($even) - 1; $k++) {
                $at = [$fromX + $k / 2000 * ($x - $fromX), $fromY + $k / 2000 * ($y - $fromY)];
                $isDue = abs($far + $k / 2000 * $long - $next * $step) <= $long / 2000;
                if ($isDue && hypot($at[0] - $even[$next][0], $at[1] - $even[$next][1]) <= $long / 1000 + 1e-9) {
                    $gone[] = $next++;
                }
            }
            $far += $long;
        }
        expect(count($gone))->toBe(count($even) - 1)->and($even[count($even) - 1])->toBe($path[count($path) - 1]);
        // The last step is at least half of one, and no longer than one and a half.
        $last = $far - (count($even) - 2) * $step;
        expect($last)->toBeLessThan(1.5 * $step + 1e-9)->and(count($even) > 2 ? $last : $step)->toBeGreaterThanOrEqual($step / 2 - 1e-9);
    }
});

it('bends an arc through three places, round as it lies on the paper', function (array $from, array $through, array $to, string $cell) {
    $places = Bow::through($from, $through, $to, size($cell));
    [$wide, $high] = [size($cell)->width->toFloat(), size($cell)->height->toFloat()];
    $mm = array_map(static fn (array $at): array => [$at[0] * $wide, $at[1] * $high], $places);
    expect($places[0])->toBe($from)->and($places[count($places) - 1])->toBe($to);
    // One middle, as far from all: where the perpendiculars of two chords meet.
    [[$ax, $ay], [$bx, $by], [$cx, $cy]] = [$mm[0], [$through[0] * $wide, $through[1] * $high], $mm[count($mm) - 1]];
    $d = 2 * ($ax * ($by - $cy) + $bx * ($cy - $ay) + $cx * ($ay - $by));
    $x = (($ax ** 2 + $ay ** 2) * ($by - $cy) + ($bx ** 2 + $by ** 2) * ($cy - $ay) + ($cx ** 2 + $cy ** 2) * ($ay - $by)) / $d;
    $y = (($ax ** 2 + $ay ** 2) * ($cx - $bx) + ($bx ** 2 + $by ** 2) * ($ax - $cx) + ($cx ** 2 + $cy ** 2) * ($bx - $ax)) / $d;
    $radius = hypot($ax - $x, $ay - $y);
    foreach ($mm as $at) {
        expect(hypot($at[0] - $x, $at[1] - $y))->toEqualWithDelta($radius, 1e-6);
    }
    // It runs by the middle one: some place is no farther from it than half a stretch.
    $nearest = min(array_map(static fn (array $at): float => hypot($at[0] - $bx, $at[1] - $by), $mm));
    $stretch = hypot($mm[1][0] - $mm[0][0], $mm[1][1] - $mm[0][1]);
    expect($nearest)->toBeLessThanOrEqual($stretch / 2 + 1e-6);
})->with([
    'a shallow one' => [[0.1, 0.5], [0.5, 0.4], [0.9, 0.5], '40x40mm'],
    'the other way' => [[0.9, 0.5], [0.5, 0.4], [0.1, 0.5], '40x40mm'],
    'more than a half circle' => [[0.4, 0.6], [0.5, 0.1], [0.6, 0.6], '40x40mm'],
    'in a cell that is no square' => [[0.1, 0.2], [0.2, 0.8], [0.9, 0.9], '60x25mm'],
]);

it('leaves three places in line as they are', function () {
    $three = [[0.1, 0.1], [0.4, 0.4], [0.9, 0.9]];
    expect(Bow::through(...[...$three, size('40x30mm')]))->toBe($three);
});

it('knows where a shape reaches farthest', function () {
    $far = Extremes::of([[0.5, 0.2], [0.9, 0.4], [0.4, 0.8], [0.1, 0.5]]);
    expect([$far->left, $far->top, $far->right, $far->bottom])->toBe([[0.1, 0.5], [0.5, 0.2], [0.9, 0.4], [0.4, 0.8]]);
});

it('cuts a run at its corners, and only its ends cross sides', function () {
    $path = [[0.0, 0.3], [0.2, 0.3], [0.4, 0.3], [0.4, 0.6], [0.4, 0.8], [0.7, 0.8], [1.0, 0.8]];
    $parts = runOf($path, Side::Left, Side::Right)->cutAt([[0.41, 0.31], [0.4, 0.79]]);
    expect(array_column($parts, 'path'))->toBe([array_slice($path, 0, 3), array_slice($path, 2, 3), array_slice($path, 4)])
        ->and(array_map(static fn (Run $one): array => [$one->in, $one->out, $one->starts, $one->ends], $parts))->toBe([
            [Side::Left, null, End::Fades, End::Corner],
            [null, null, End::Corner, End::Corner],
            [null, Side::Right, End::Corner, End::Fades],
        ]);
    expect(runOf($path)->cutAt([]))->toEqual([runOf($path)]);
});

it('crosses sides at shares of them, from the left or the top, and none where it was taken back', function () {
    $run = runOf([[0.0, 0.3], [0.5, 0.5], [0.8, 1.0]], Side::Left, Side::Bottom);
    expect($run->crossings())->toBe([[Side::Left, 0.3], [Side::Bottom, 0.8]])
        ->and($run->without(true)->crossings())->toBe([[Side::Bottom, 0.8]])
        ->and($run->without(false)->crossings())->toBe([[Side::Left, 0.3]])
        ->and($run->reversed()->crossings())->toBe([[Side::Bottom, 0.8], [Side::Left, 0.3]])
        ->and($run->reversed()->reversed())->toEqual($run)
        ->and($run->isClosed())->toBeFalse()->and(runOf([[0.3, 0.3], [0.6, 0.3], [0.3, 0.3]], starts: End::Closes)->isClosed())->toBeTrue();
});

it('knows the side that a path keeps to, and is seen on the other side of it', function (array $path, ?Side $side, array $beyond) {
    expect(Run::sideOf($path))->toBe($side);
    if ($side !== null) {
        $other = runOf($path, along: $side)->beyond();
        expect($other->along)->toBe($side->opposite())->and($other->path)->toEqualWithDelta($beyond, 1e-9);
    }
})->with([
    'the left' => [[[0.006, 0.2], [0.008, 0.8]], Side::Left, [[0.994, 0.2], [0.992, 0.8]]],
    'the top' => [[[0.2, 0.0], [0.8, 0.008]], Side::Top, [[0.2, 1.0], [0.8, 0.992]]],
    'the right' => [[[0.994, 0.2], [1.0, 0.8]], Side::Right, [[0.006, 0.2], [0.0, 0.8]]],
    'the foot' => [[[0.2, 0.994], [0.8, 1.0]], Side::Bottom, [[0.2, 0.006], [0.8, 0.0]]],
    'none' => [[[0.01, 0.2], [0.3, 0.8]], null, []],
]);

it('takes a crossing from a hand: moved, struck, or put there', function () {
    $seen = new SeenInCell([runOf([[0.0, 0.3], [0.5, 0.4], [1.0, 0.5]], Side::Left, Side::Right)]);
    $moved = $seen->withCrossing([0.0, 0.3], [0.0, 0.4]);
    // The end goes there, the middle half as far, the other end stays.
    expect($moved->runs[0]->path)->toEqualWithDelta([[0.0, 0.4], [0.5, 0.45], [1.0, 0.5]], 1e-9)
        ->and($moved->runs[0]->in)->toBe(Side::Left)
        ->and($moved->set)->toBe([]);
    $struck = $seen->withCrossing([1.0, 0.5], null);
    expect($struck->runs[0]->out)->toBeNull()
        ->and($struck->runs[0]->ends)->toBe(End::Fades)
        ->and($struck->runs[0]->crossings())->toBe([[Side::Left, 0.3]]);
    $put = $seen->withCrossing(null, [0.7, 1.0]);
    expect($put->set)->toBe([[Side::Bottom, 0.7]])->and($put->runs)->toEqual($seen->runs)
        ->and($put->withCrossing([0.7, 1.0], [0.2, 1.0])->set)->toBe([[Side::Bottom, 0.2]])
        ->and($put->withCrossing([0.7, 1.0], null)->set)->toBe([])->and($put->isEmpty())->toBeFalse();
    // What lies on none of its sides is no crossing of this cell.
    expect($seen->withCrossing(null, [0.5, 0.5]))->toEqual($seen)->and((new SeenInCell([]))->isEmpty())->toBeTrue();
});

it('strikes a contour, and leaves a crossing only where the cell beyond has it', function () {
    $far = runOf([[0.1, 0.9], [0.3, 0.95]]);
    $seen = new SeenInCell([runOf([[0.0, 0.3], [0.5, 0.4], [1.0, 0.5]], Side::Left, Side::Right), $far]);
    $struck = $seen->withContour([0.5, 0.41], []);
    expect($struck->runs)->toEqual([$far])->and($struck->left)->toBe([[Side::Left, 0.3], [Side::Right, 0.5]]);
    $beyond = new SeenInCell([runOf([[0.0, 0.505], [0.4, 0.6]], Side::Left)]);
    $onTheRight = static fn (Side $side): ?SeenInCell => $side === Side::Right ? $beyond : null;
    expect($struck->besides($onTheRight)->left)->toBe([[Side::Right, 0.5]])
        ->and($struck->besides(static fn (Side $side): ?SeenInCell => null)->left)->toBe([]);
    // Nothing near the place: what was drawn is added, nothing is struck.
    $new = runOf([[0.5, 0.1], [0.6, 0.1]]);
    expect($seen->withContour([0.6, 0.7], [$new])->runs)->toEqual([...$seen->runs, $new])
        ->and($seen->withContour(null, [$new])->runs)->toEqual([...$seen->runs, $new]);
});

it('knows how fine a picture prints, and how large it may become', function (string $size, float $perInch, bool $enough, string $largest) {
    $resolution = Resolution::of(Rational::of(1500), Rational::of(1200), size($size));
    expect($resolution->perInch)->toEqualWithDelta($perInch, 0.05)
        ->and($resolution->isEnough())->toBe($enough)
        ->and($resolution->largest)->toEqual(size($largest));
})->with([
    '5 by 4' => ['5x4in', 300.0, true, '10x8in'],
    'the largest there is' => ['10x8in', 150.0, true, '10x8in'],
    'a hair larger' => ['10 1/16x8in', 149.1, false, '10x8in'],
    'the coarser way counts' => ['5x12in', 100.0, false, '10x8in'],
]);

it('says what a print of another shape could be', function () {
    $mismatch = new PrintMismatch(size('6x4in'), Rational::nd(2, 3), 125.0);
    expect($mismatch->isSwapped())->toBeTrue()
        ->and($mismatch->heightForWidth())->toEqual(length('9 in'))
        ->and($mismatch->widthForHeight())->toEqual(length('2 2/3 in'))
        ->and((new PrintMismatch(size('6x4in'), Rational::nd(3, 4), 100.0))->isSwapped())->toBeFalse();
});

it('scales by one length and its like', function () {
    $scale = QuickScale::of(length('2 in'), length('3 in'));
    expect($scale->onPaper(length('5 in')))->toEqual(length('7 1/2 in'))->and($scale->onPhoto(length('7 1/2 in')))->toEqual(length('5 in'))
        ->and($scale->onPaper(length('5 in'), Rational::nd(1, 3)))->toEqual(length('2 1/2 in'))
        ->and(fn () => QuickScale::of(length('0 in'), length('3 in')))->toThrow(LengthOfNothing::class)
        ->and(fn () => QuickScale::of(length('2 in'), length('0 in')))->toThrow(LengthOfNothing::class);
});
