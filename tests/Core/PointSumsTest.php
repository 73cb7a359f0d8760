<?php

use InchLadder\Fit\Crop;
use InchLadder\Fit\Reference;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Schools\AxesWithTicks;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Measure\Rational;
use InchLadder\Measuring\KeyPoint;
use InchLadder\Measuring\Region;
use InchLadder\Measuring\RegionUse;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums;
use InchLadder\Plan\Sums\PointSums;
use Tests\Core\Plans;

function keyPoint(string $name, string $x, string $y): KeyPoint
{
    return new KeyPoint($name, Rational::of($x), Rational::of($y), false);
}

/** A 4 × 6 in print on 8 × 12 in, twice as large, with one point. */
function pointed(string $x, string $y, mixed ...$more): Plan
{
    return Plans::of(Reference::printed(size('4x6in')), size('8x12in'), ...[
        'school' => new ProportionalCells(Cells::of(4, 6)),
        'points' => [keyPoint('eye', $x, $y)],
        ...$more,
    ]);
}

it('says how far a point is from the lines nearest to it, the shorter reach first', function (string $x, string $y, string $says) {
    $plan = pointed($x, $y);
    expect((new PointSums($plan))->fromNearestLines($plan->points()[0]))->toBe($says);
})->with([
    // Cells are 2 × 2 in on the paper.
    'right and below' => ['0.3', '0.35', '3/16 in below line 2 down, 3/8 in right of line 1 across'],
    'left and above' => ['0.45', '0.48', '1/4 in above line 3 down, 3/8 in left of line 2 across'],
    'on both' => ['1/4', '1/3', 'on line 1 across, on line 2 down'],
    'on the edge' => ['0', '1/2', 'on line 0 across, on line 3 down'],
    'nearer across' => ['0.26', '0.4', '1/16 in right of line 1 across, 13/16 in below line 2 down'],
]);

it('says how a point misses the thirds, on the paper', function (string $x, string $y, string $says) {
    $plan = pointed($x, $y);
    expect((new PointSums($plan))->fromThirds($plan->points()[0]))->toBe($says);
})->with([
    ['1/3', '2/3', 'on a crossing of the thirds'],
    ['1/3', '0.7', '3/8 in below the nearest crossing of thirds'],
    ['0.5', '2/3', '1 5/16 in left of the nearest crossing of thirds'],
    ['0.4', '0.3', '9/16 in right of and 3/8 in above the nearest crossing of thirds'],
    'nearer than the ruler tells' => ['0.3335', '2/3', 'on a crossing of the thirds'],
]);

it('plots a point from where the axes meet, with its signs', function (string $x, string $y, ?string $says) {
    $plan = pointed($x, $y, school: new AxesWithTicks(Rational::nd(1, 2), Rational::nd(1, 2), length('1 in')));
    expect((new PointSums($plan))->plotted($plan->points()[0]))->toBe($says);
})->with([
    ['3/4', '1/4', '+2, −3 in on the paper, +1, −1 1/2 in on the print'],
    ['1/2', '1/2', '+0, +0 in on the paper, +0, +0 in on the print'],
    ['0', '1', '−4, +6 in on the paper, −2, +3 in on the print'],
]);

it('plots nothing without axes, nor what is cropped away', function () {
    $plain = pointed('1/2', '1/2');
    $away = pointed('0', '0', fit: new FreeCrop(Crop::at(null, null, Rational::nd(1, 2), Rational::nd(1, 2))), school: new AxesWithTicks(Rational::nd(1, 2), Rational::nd(1, 2), length('1 in')));
    expect((new PointSums($plain))->plotted($plain->points()[0]))->toBeNull()
        ->and((new PointSums($away))->plotted($away->points()[0]))->toBeNull()
        ->and((new Sums($away))->fit->warnings())->toContain('Cropped away: eye.');
});

it('tells the clearance to the crop’s sides, and the tightest', function () {
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), points: [
        keyPoint('hair', '0.5', '0.05'),
        keyPoint('chin', '0.45', '0.75'),
        keyPoint('ear', '0.25', '0.4'),
    ]);
    expect((new Sums($plan))->fit->lines())->toContain(
        'On the paper the marked points clear the sides by 2 in at the left (25 %), 4 in at the right (50 %), 5/8 in at the top (5 %), 3 in at the bottom (25 %); it is tightest at the top.',
    );
    $alone = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), points: [keyPoint('hair', '0.5', '0.05')]);
    expect(implode(' ', (new Sums($alone))->fit->lines()))->not->toContain('clear the sides');
});

it('says of main lines what fraction each is', function (string $share, string $line) {
    $plan = Plans::of(Reference::onScreen(400, 600), size('8x12in'), school: new MainLines([], [Rational::of($share)]));
    expect((new Sums($plan))->grid->lines())->toContain($line);
})->with([
    ['1/3', 'A level line at 33.3 %: exactly 1/3.'],
    ['0.34', 'A level line at 34 %: nearly 1/3.'],
    ['0.62', 'A level line at 62 %: nearly 5/8.'],
    ['0.5', 'A level line at 50 %: exactly 1/2.'],
]);

it('counts the cells that need no copying', function (RegionUse $use, array $spared, ?string $line) {
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), school: new ProportionalCells(Cells::of(2, 2)), regions: [
        new Region(Rational::zero(), Rational::zero(), Rational::nd(1, 2), Rational::one(), $use),
        new Region(Rational::zero(), Rational::zero(), Rational::nd(1, 2), Rational::nd(1, 2), $use),
    ]);
    $said = implode(' ', (new Sums($plan))->grid->lines());
    expect($plan->spared())->toBe($spared);
    $line === null ? expect($said)->not->toContain('need') : expect($said)->toContain($line);
})->with([
    [RegionUse::NotNeeded, [0, 2], '2 cells lie in what is not to be drawn, and need no copying.'],
    [RegionUse::HiddenLater, [0, 2], '2 cells lie in what is not to be drawn, and need no copying.'],
    [RegionUse::ForMeasuring, [], null],
]);

it('writes what comes off each side, in the print’s unit and in per cent', function (Reference $reference, array $edges) {
    $plan = Plans::of($reference, size('10x10in'), new FreeCrop(Crop::at(Rational::nd(1, 4), Rational::zero(), Rational::nd(1, 2), Rational::nd(3, 4))));
    expect((new Sums($plan))->fit->edges())->toBe($edges);
})->with([
    'a print' => [fn () => Reference::printed(size('4x6in')), ['1 in, 25 %', '1 in, 25 %', '', '1 1/2 in, 25 %']],
    'a screen' => [fn () => Reference::onScreen(400, 600), ['25 %', '25 %', '', '25 %']],
]);

it('tells what the margins cost, and nothing where they cost nothing', function () {
    $whole = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), new Inset(Rational::one()));
    expect(implode(' ', (new Sums($whole))->paper->lines()))->not->toContain('The margins take');
});
