<?php

use InchLadder\Checking\Proportion;
use InchLadder\Grid\Division;
use InchLadder\Grid\Part;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Span;
use InchLadder\Marks\MarkRow;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Margins;
use InchLadder\Photo\Reference;
use InchLadder\Plan\Gap;
use InchLadder\Plan\MarkRows;
use InchLadder\Plan\Meets;
use InchLadder\Plan\PartOnMarks;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Trimmed;
use InchLadder\Plan\WarmUp;
use InchLadder\Things\Thing;
use Tests\Core\Plans;

/** 200 × 250 mm on a sheet as large, with a jug, a cup beside it, and a cloth that runs out on the right. */
function table(mixed ...$more): Plan
{
    $box = static fn (float $left, float $top, float $right, float $bottom): array => [
        [$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom],
    ];

    return Plans::of(Reference::onScreen(800, 1000), size('200x250mm'), ...['ruler' => '1 mm', 'things' => [
        new Thing('jug', $box(0.1, 0.2, 0.4, 0.7)), new Thing('cup', $box(0.45, 0.5, 0.6, 0.7)),
        new Thing('cloth', $box(0.55, 0.8, 1.2, 0.99)),
        new Thing('handle', $box(0.12, 0.3, 0.16, 0.5)), new Thing('spout', $box(0.3, 0.22, 0.38, 0.3)),
    ], ...$more]);
}

it('lays a part that was boxed by hand on whole marks, in whole cells, as near as it can', function () {
    mt_srand(61);
    $laid = 0;
    for ($round = 0; $round < 150; $round++) {
        [$unit, $ruler, $margin] = [['mm', '1 mm', '7mm'], ['in', '1/8 in', '3/8in']][mt_rand(0, 1)];
        $byMeasure = mt_rand(0, 1) === 1;
        $cell = $unit === 'mm' ? '20mm' : '3/4in';
        $plan = Plans::of(
            Reference::onScreen(mt_rand(500, 1500), mt_rand(500, 1500)), size($unit === 'mm' ? '230x310mm' : '9x12in'), ruler: $ruler,
            margins: Margins::all(length($margin)),
            school: $byMeasure ? new SquaresByMeasure(length($cell)) : SquaresByCount::across(mt_rand(2, 7)),
        );
        $start = static fn (): Rational => Rational::nd(mt_rand(0, 600), 1000);
        $side = static fn (): Rational => Rational::nd(mt_rand(150, 400), 1000);
        $wanted = Part::of($start(), $start(), $side(), $side());
        $part = PartOnMarks::of($plan, $wanted);
        if ($part == $wanted) {
            continue;
        }
        $laid++;
        [$area, $layout] = [$plan->layout->fitted->area, $plan->layout];
        [$left, $wide] = [$area->width->times($part->left), $area->width->times($part->width)];
        [$top, $high] = [$area->height->times($part->top), $area->height->times($part->height)];
        $step = length($ruler);
        $isWhole = static fn (Length $length, Length $of): bool => $length->over($of)->isWhole();
        expect($isWhole($layout->left->plus($left), $step))->toBeTrue()->and($isWhole($layout->top->plus($top), $step))->toBeTrue()
            ->and($isWhole($wide, $step))->toBeTrue()->and($isWhole($high, $step))->toBeTrue();
        if ($byMeasure) {
            expect($isWhole($wide, length($cell)))->toBeTrue()->and($isWhole($high, length($cell)))->toBeTrue();
        }
        // Inside the drawing, and no farther from what was boxed than a cell and a mark.
        expect($left->mm->isNegative() || $left->plus($wide)->isLongerThan($area->width))->toBeFalse()
            ->and($top->mm->isNegative() || $top->plus($high)->isLongerThan($area->height))->toBeFalse();
        $size = $wanted->sizeOn($area);
        $most = ($byMeasure ? length($cell)->toFloat() : $size->width->toFloat() / 2) + $step->toFloat();
        expect(abs($wide->toFloat() - $size->width->toFloat()))->toBeLessThan($most)
            ->and(abs($left->toFloat() - $area->width->times($wanted->left)->toFloat()))->toBeLessThan($most);
    }
    expect($laid)->toBeGreaterThan(100);
});

it('rows all that is ticked along an edge, in its order', function () {
    $plan = table(divisions: [new Division(1, 0, 3), new Division(3, 1, 2)]);
    $row = static fn (MarkRow $row): array => [$row->name, round($row->at->area->exact->toFloat(), 3)];
    $rows = static fn (array $rows): array => array_map($row, $rows);
    expect($rows(MarkRows::across($plan)))->toBe([
        ['0', 0.0], ['1', 50.0], ['1 1/3', 66.667], ['1 2/3', 83.333], ['2', 100.0], ['3', 150.0], ['3 1/2', 175.0], ['4', 200.0],
    ])->and($rows(MarkRows::down($plan)))->toBe([
        ['0', 0.0], ['1/3', 16.667], ['2/3', 33.333], ['1', 50.0], ['1 1/2', 75.0], ['2', 100.0], ['3', 150.0], ['4', 200.0], ['5', 250.0],
    ]);
});

it('says what a plumb line and a level line through a place meet, from the top and from the left', function () {
    $point = static fn (string $name, float $x, float $y): KeyPoint => new KeyPoint($name, Rational::near($x), Rational::near($y), false);
    $plan = table(points: [$point('eye', 0.312, 0.9), $point('ear', 0.313, 0.05), $point('chin', 0.7, 0.26)]);
    $meets = Meets::at($plan, 0.3, 0.25);
    // 0.012 beside the line is on it, 0.013 is not; a thing is met where it runs across, in the order of its middle.
    expect($meets->plumb)->toBe(['spout', 'jug', 'eye'])->and($meets->level)->toBe(['jug', 'spout', 'chin'])
        ->and(Meets::at($plan, 0.95, 0.75)->plumb)->toBe(['cloth'])->and(Meets::at($plan, 0.95, 0.75)->level)->toBe([]);
});

it('passes a gap that is as large as it must be, at the size the whole is drawn', function (float $drawn, float $grown, bool $passes) {
    // The jug ends at 80 mm, the cup begins at 90: ten between. Two of its ends are found to 0.8 mm.
    $gaps = Gap::measured(table(), ['jug | cup' => $drawn], $grown);
    expect($gaps)->toHaveCount(1)
        ->and($gaps[0]->relation->apart)->toEqualWithDelta(10, 1e-3)
        ->and($gaps[0]->drawn)->toBe($drawn)
        ->and($gaps[0]->passes)->toBe($passes);
})->with([
    [10.0, 1.0, true], [10.75, 1.0, true], [9.25, 1.0, true], [11.5, 1.0, false], [8.5, 1.0, false],
    [12.0, 1.2, true], [10.0, 1.2, false],
]);

it('measures no gap that was not asked for', function () {
    expect(Gap::measured(table(), [], 1.0))->toBe([])
        ->and(Gap::measured(table(), ['jug | table' => 3.0], 1.0))->toBe([]);
});

it('says what a cut runs through, and what it nearly touches', function () {
    $trimmed = Trimmed::of(table());
    // The cloth runs out on the right; a hundredth of 250 mm is left below it.
    expect($trimmed->through)->toBe(['cloth'])->and($trimmed->outside)->toBe([])
        ->and($trimmed->near)->toHaveCount(1)
        ->and([$trimmed->near[0][0], $trimmed->near[0][1]])->toBe(['cloth', 'bottom'])
        ->and($trimmed->near[0][2]->toFloat())->toEqualWithDelta(2.5, 0.01);
});

it('warms up by what governs this picture', function () {
    // Level ones, from a tenth of the width on.
    $tenth = Rational::nd(1, 10);
    $span = static fn (string $name, float $to): Span => new Span($name, $tenth, $tenth, Rational::near($to), $tenth, null);
    $spans = [$span('short', 0.2), $span('long', 0.9), $span('middling', 0.5), $span('least', 0.15)];
    $warm = WarmUp::of(table(spans: $spans), []);
    $ratio = static fn (Proportion $one): float => round($one->ratio->toFloat(), 3);
    expect($warm->isUpright)->toBeTrue()->and($warm->frame->ratio->isEqualTo(Rational::nd(5, 4)))->toBeTrue()
        // The two largest things: 60 mm for 125, and what is seen of the cloth.
        ->and(array_map(static fn (array $one): array => [$one[0]->thing->name, $ratio($one[1])], $warm->things))
        ->toBe([['jug', 0.48], ['cloth', 2.737]])
        // Of the jug's 60 mm the handle takes 8, the spout 16.
        ->and(array_map(static fn (array $one): array => [$one[0], $one[1], $ratio($one[2])], $warm->parts))
        ->toEqualCanonicalizing([['handle', 'jug', 7.5], ['spout', 'jug', 3.75]])
        ->and(array_map(static fn (array $one): array => [$one[0]->span->name, $one[1]->span->name, $ratio($one[2])], $warm->lengths))
        ->toBe([['middling', 'long', 0.5], ['short', 'long', 0.125]])
        ->and($warm->aligned)->toBe([]);
});
