<?php

use App\Wording\PointWording;
use App\Wording\Workings;
use InchLadder\Fit\Crop;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Schools\AxesWithTicks;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Pin;
use InchLadder\Layout\Region;
use InchLadder\Layout\RegionUse;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Placement;
use InchLadder\Paper\Position;
use InchLadder\Photo\Reference;
use InchLadder\Plan\Plan;
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
    expect((new PointWording($plan))->fromNearestLines($plan->layout->points()[0]))->toBe($says);
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
    expect((new PointWording($plan))->fromThirds($plan->layout->points()[0]))->toBe($says);
})->with([
    ['1/3', '2/3', 'on a crossing of the thirds'],
    ['1/3', '0.7', '3/8 in below the nearest crossing of thirds'],
    ['0.5', '2/3', '1 5/16 in left of the nearest crossing of thirds'],
    ['0.4', '0.3', '9/16 in right of and 3/8 in above the nearest crossing of thirds'],
    'nearer than the ruler tells' => ['0.3335', '2/3', 'on a crossing of the thirds'],
]);

it('plots a point from where the axes meet, with its signs', function (string $x, string $y, ?string $says) {
    $plan = pointed($x, $y, school: new AxesWithTicks(Rational::nd(1, 2), Rational::nd(1, 2), length('1 in')));
    expect((new PointWording($plan))->plotted($plan->layout->points()[0]))->toBe($says);
})->with([
    ['3/4', '1/4', '+2, −3 in on the paper, +1, −1 1/2 in on the print'],
    ['1/2', '1/2', '+0, +0 in on the paper, +0, +0 in on the print'],
    ['0', '1', '−4, +6 in on the paper, −2, +3 in on the print'],
]);

it('plots nothing without axes, nor what is cropped away', function () {
    $plain = pointed('1/2', '1/2');
    $away = pointed('0', '0', fit: new FreeCrop(Crop::at(null, null, Rational::nd(1, 2), Rational::nd(1, 2))), school: new AxesWithTicks(Rational::nd(1, 2), Rational::nd(1, 2), length('1 in')));
    expect((new PointWording($plain))->plotted($plain->layout->points()[0]))->toBeNull()
        ->and((new PointWording($away))->plotted($away->layout->points()[0]))->toBeNull()
        ->and((new Workings($away))->fit->warnings())->toContain('Cropped away: eye.');
});

it('tells the clearance to the crop’s sides, and the tightest', function () {
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), points: [
        keyPoint('hair', '0.5', '0.05'),
        keyPoint('chin', '0.45', '0.75'),
        keyPoint('ear', '0.25', '0.4'),
    ]);
    expect((new Workings($plan))->fit->lines())->toContain(
        'On the paper the marked points clear the sides by 2 in at the left (25 %), 4 in at the right (50 %), 5/8 in at the top (5 %), 3 in at the bottom (25 %). It is tightest at the top.',
    );
    $alone = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), points: [keyPoint('hair', '0.5', '0.05')]);
    expect(implode(' ', (new Workings($alone))->fit->lines()))->not->toContain('clear the sides');
});

it('says of main lines what fraction each is', function (string $share, string $line) {
    $plan = Plans::of(Reference::onScreen(400, 600), size('8x12in'), school: new MainLines([], [Rational::of($share)]));
    expect((new Workings($plan))->grid->lines())->toContain($line);
})->with([
    ['1/3', 'A horizontal line at 33.3 %: exactly 1/3.'],
    ['0.34', 'A horizontal line at 34 %: nearly 1/3.'],
    ['0.62', 'A horizontal line at 62 %: nearly 5/8.'],
    ['0.5', 'A horizontal line at 50 %: exactly 1/2.'],
]);

it('counts the cells that need no copying', function (RegionUse $use, array $spared, ?string $line) {
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), school: new ProportionalCells(Cells::of(2, 2)), regions: [
        new Region(Rational::zero(), Rational::zero(), Rational::nd(1, 2), Rational::one(), $use),
        new Region(Rational::zero(), Rational::zero(), Rational::nd(1, 2), Rational::nd(1, 2), $use),
    ]);
    $said = implode(' ', (new Workings($plan))->grid->lines());
    expect($plan->layout->spared())->toBe($spared);
    $line === null ? expect($said)->not->toContain('need') : expect($said)->toContain($line);
})->with([
    [RegionUse::NotNeeded, [0, 2], '2 cells lie in what is not to be drawn, and need no copying.'],
    [RegionUse::HiddenLater, [0, 2], '2 cells lie in what is not to be drawn, and need no copying.'],
    [RegionUse::ForMeasuring, [], null],
    [RegionUse::KeptWhite, [], null],
]);

it('writes what comes off each side, in the print’s unit and in per cent', function (Reference $reference, array $edges) {
    $plan = Plans::of($reference, size('10x10in'), new FreeCrop(Crop::at(Rational::nd(1, 4), Rational::zero(), Rational::nd(1, 2), Rational::nd(3, 4))));
    expect((new Workings($plan))->fit->edges())->toBe($edges);
})->with([
    'a print' => [fn () => Reference::printed(size('4x6in')), ['1 in, 25 %', '1 in, 25 %', '', '1 1/2 in, 25 %']],
    'a screen' => [fn () => Reference::onScreen(400, 600), ['25 %', '25 %', '', '25 %']],
]);

it('tells what the margins cost, and nothing where they cost nothing', function () {
    $whole = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), new Inset(Rational::one()));
    expect(implode(' ', (new Workings($whole))->paper->lines()))->not->toContain('The margins take');
});

it('holds a point at a place of the sheet, by the crop first, then by moving the drawing; and says what it misses', function (array $pin, string $size, string $says, ?array $lies) {
    // Half of a 4 × 6 in print, drawn 4 × 6 in on 8 × 12 in: an inch of the print is two of the paper.
    $point = new KeyPoint('eye', Rational::nd(1, 2), Rational::nd(1, 2), false, new Pin(...array_map(length(...), $pin)));
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), $size === 'whole' ? new Inset(Rational::nd(1, 2)) : new CropToPaper(new Frame(null, null, Rational::of($size))), points: [$point], placement: Placement::at(Position::Centred));
    $placed = $plan->layout->points()[0];
    expect((new PointWording($plan))->pinned($placed))->toBe($says);
    [$x, $y] = [$plan->layout->left->plus($plan->layout->fitted->area->width->times($placed->x)), $plan->layout->top->plus($plan->layout->fitted->area->height->times($placed->y))];
    if ($lies !== null) {
        expect([$x->equals(length($lies[0])), $y->equals(length($lies[1]))])->toBe([true, true]);
    }
    expect($plan->layout->left->mm->isNegative())->toBeFalse()->and($plan->layout->right()->mm->isNegative())->toBeFalse()->and($placed->isInside())->toBeTrue();
})->with([
    'within the photo’s reach' => [['3 in', '5 in'], '1/2', 'Held at 3 in from the left edge, 5 in from the top.', ['3 in', '5 in']],
    'the photo ends, the sheet has room' => [['2 in', '3 in'], 'whole', 'Held at 2 in from the left edge, 3 in from the top.', ['2 in', '3 in']],
    'at the edge of the sheet' => [['0 in', '6 in'], '1/2', 'Held at 0 in from the left edge, 6 in from the top.', ['0 in', '6 in']],
    'neither has room' => [['3 in', '6 in'], '1', 'It cannot lie 3 in from the left edge, 6 in from the top: it stays 1 in right of it. There the photo ends, and the sheet has no more room. A smaller crop, or a smaller drawing, would let it move.', ['4 in', '6 in']],
]);

it('keeps a pin while other things change', function () {
    $pin = new Pin(length('3 in'), length('5 in'));
    mt_srand(7);
    for ($i = 0; $i < 200; $i++) {
        [$x, $y] = [Rational::nd(mt_rand(0, 40), 40), Rational::nd(mt_rand(0, 40), 40)];
        $plan = Plans::of(
            Reference::printed(new Size(length(mt_rand(2, 9).' in'), length(mt_rand(2, 9).' in'))), size(mt_rand(8, 14).'x'.mt_rand(9, 16).'in'),
            new CropToPaper(new Frame(Rational::nd(mt_rand(0, 9), 10), Rational::nd(mt_rand(0, 9), 10), Rational::nd(mt_rand(2, 10), 10))),
            points: [new KeyPoint('eye', $x, $y, false, $pin)], margins: Margins::all(length(mt_rand(0, 2).' in')),
        );
        $placed = $plan->layout->points()[0];
        $at = [$plan->layout->left->plus($plan->layout->fitted->area->width->times($placed->x))->minus($pin->left), $plan->layout->top->plus($plan->layout->fitted->area->height->times($placed->y))->minus($pin->top)];
        // What it misses is exactly what it says, and it misses only where neither photo nor sheet has room.
        expect($at[0]->equals($plan->pinned->missedAcross))->toBeTrue()->and($at[1]->equals($plan->pinned->missedDown))->toBeTrue();
        $crop = $plan->layout->fitted->crop;
        if ($at[0]->isPositive()) {
            expect($plan->layout->left->isZero() && ($crop->right()->isEqualTo(1) || $placed->x->isZero()))->toBeTrue();
        }
        if ($at[0]->mm->isNegative()) {
            expect($plan->layout->right()->isZero() && ($crop->left->isZero() || $placed->x->isEqualTo(1)))->toBeTrue();
        }
    }
});

it('says how far a free crop is from the paper’s shape', function (string $width, string $height, string $says) {
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x10in'), new FreeCrop(Crop::at(null, null, Rational::of($width), Rational::of($height))));
    expect((new Workings($plan))->fit->lines())->toContain($says);
})->with([
    'narrower' => ['1', '1', 'The free crop is narrower in shape than the paper, by 20 %. 13/16 in of width more, or 1 in of height less, would make them one.'],
    'wider' => ['1', '1/2', 'The free crop is wider in shape than the paper, by 66.67 %. 1 5/8 in of width less, or 2 in of height more, would make them one.'],
    'the same' => ['1', '5/6', 'The free crop has the paper’s shape.'],
]);
