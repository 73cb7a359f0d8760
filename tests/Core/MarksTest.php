<?php

use App\Wording\MarkWorkings;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Marks\Mark;
use InchLadder\Marks\MarkLadder;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Margins;
use InchLadder\Photo\Reference;
use InchLadder\Plan\Plan;
use Tests\Core\Plans;

/** @return list<string> the ladder as read off the ruler */
function readings(MarkLadder $ladder, string $ruler = '1/16 in'): array
{
    $graduation = Graduation::read($ruler);
    $notation = new Notation($graduation->unit === Unit::Inch ? Unit::Inch : Unit::Centimetre, $graduation);

    return array_map(fn (Mark $mark) => $notation->amount($mark->at->area->reading), $ladder->marks);
}

function ladder(string $edge, int $parts, string $ruler = '1/16 in', ?string $print = null, string $offset = '0'): MarkLadder
{
    $grid = (new ProportionalCells(Cells::of($parts, 1)))->over(size("{$edge}x{$edge}"), null);

    return MarkLadder::along($grid->across, $print === null ? null : length($print), length($edge), length($offset), Graduation::read($ruler), Graduation::read($ruler));
}

it('marks an edge from one zero', function (string $edge, int $parts, string $ruler, array $marks) {
    expect(readings(ladder($edge, $parts, $ruler), $ruler))->toBe($marks);
})->with([
    // Common practice.
    '6 in in four' => ['6 in', 4, '1/16 in', ['1 1/2', '3', '4 1/2', '6']],
    '11 in in seven, in sixteenths' => ['11 in', 7, '1/16 in', ['1 9/16', '3 1/8', '4 11/16', '6 5/16', '7 7/8', '9 7/16', '11']],
    '10 cm in three, in millimetres' => ['10 cm', 3, '1 mm', ['3.3', '6.7', '10']],
    'one part: the far edge alone' => ['5 in', 1, '1/16 in', ['5']],
]);

it('finds where stepping the rounded cell would end', function () {
    $ladder = ladder('11 in', 7);
    $last = last($ladder->marks);
    // Seven steps of 1 9/16 in end at 10 15/16 in, 1/16 in short (common practice).
    expect($last->steppedError->exact())->toBe('-127/80')
        ->and($last->at->area->error()->isZero())->toBeTrue()
        ->and($ladder->worstStepped()?->line)->toBe(7);
});

it('says nothing of stepping where it does no harm', function () {
    expect(ladder('6 in', 4)->worstStepped())->toBeNull()->and(ladder('6 in', 4)->everyMarkIsExact())->toBeTrue();
});

it('rounds each mark from its own value: no error is over half a graduation, however many there are', function (string $edge, int $parts, string $ruler) {
    $half = Graduation::read($ruler)->step->dividedBy(2);
    $ladder = ladder($edge, $parts, $ruler, '7 in', '3/8 in');
    foreach ($ladder->marks as $i => $mark) {
        foreach ([$mark->at->print, $mark->at->area, $mark->at->sheet] as $reading) {
            expect($reading->error()->absolute()->isLongerThan($half))->toBeFalse();
        }
        expect($mark->line)->toBe($i + 1)
            ->and($mark->at->area->exact->equals(length($edge)->times($mark->line)->dividedBy($parts)))->toBeTrue();
    }
})->with([
    ['11 in', 7, '1/16 in'],
    ['23 9/16 in', 59, '1/8 in'],
    ['30 cm', 47, '1 mm'],
    ['19 7/8 in', 60, '1/2 in'],
    ['420 mm', 33, '0.5 mm'],
]);

it('measures from the sheet’s edge as from the drawing area, by the offset', function () {
    foreach (ladder('7 1/2 in', 5, offset: '1/2 in')->marks as $mark) {
        expect($mark->at->sheet->exact->minus($mark->at->area->exact))->toBeLength('1/2 in');
    }
});

it('lays the same fractions on the print, the area and the sheet', function () {
    $plan = Plans::of(
        Reference::printed(size('5x7in')), size('9x12in'),
        school: new SquaresByMeasure(length('1.1 in')),
        margins: new Margins(length('1 in'), length('1/2 in'), length('3/4 in'), length('1/4 in')),
    );
    foreach ([[$plan->across(), $plan->layout->grid->columns, $plan->layout->print->width, $plan->layout->fitted->area->width, $plan->layout->left], [$plan->down(), $plan->layout->grid->rows, $plan->layout->print->height, $plan->layout->fitted->area->height, $plan->layout->top]] as [$ladder, $fractions, $print, $area, $offset]) {
        expect($ladder->marks)->toHaveCount(count($fractions) - 1);
        foreach ($ladder->marks as $mark) {
            $share = $fractions[$mark->line];
            expect($mark->at->print->exact->equals($print->times($share)))->toBeTrue()
                ->and($mark->at->area->exact->equals($area->times($share)))->toBeTrue()
                ->and($mark->at->sheet->exact->equals($area->times($share)->plus($offset)))->toBeTrue();
        }
    }
});

it('does not call a partial last cell a stepping error', function () {
    $grid = (new SquaresByMeasure(length('3 in')))->over(size('10x10in'), null);
    $ladder = MarkLadder::along($grid->across, null, length('10 in'), Length::zero(), Graduation::read('1/16 in'), Graduation::read('1/16 in'));
    expect(last($ladder->marks)->steppedError->isZero())->toBeTrue();
});

it('reads any point on all three rulers', function () {
    $plan = Plans::of(Reference::printed(size('5x7in')), size('8x12in'), new Inset(Rational::one()));
    // Inset 8 × 11.2, so 0.4 in above.
    $down = $plan->layout->readDown(Rational::nd(1, 2));
    expect($down->print->exact)->toBeLength('3.5 in')
        ->and($down->area->exact)->toBeLength('5.6 in')
        ->and($down->sheet->exact)->toBeLength('6 in');
});

it('rounds the print to its own ruler', function () {
    $edge = (new ProportionalCells(Cells::of(7, 1)))->over(size('11x11in'), null)->across;
    $ladder = MarkLadder::along($edge, length('5 in'), length('11 in'), length('0'), Graduation::read('1/4 in'), Graduation::read('1/16 in'));
    // 5/7 in is 0.714: 3/4 in on quarters, while 11/7 in on sixteenths is 1 9/16.
    expect($ladder->marks[0]->at->print?->reading)->toBeLength('3/4 in')
        ->and($ladder->marks[0]->at->area->reading)->toBeLength('1 9/16 in');
});

it('tells which laying of a short ruler a mark falls in', function (string $ruler, array $layings) {
    expect(array_map(fn (Mark $mark) => MarkLadder::layingOf($mark, length($ruler)), ladder('24 in', 4)->marks))->toBe($layings);
})->with([
    ['12 in', [1, 1, 2, 2]],
    ['6 in', [1, 2, 3, 4]],
    ['36 in', [1, 1, 1, 1]],
]);

it('says beside the marks what a hair’s breadth on the photo becomes, and which unit would be easier', function (Plan $plan, array $says, array $not) {
    $said = implode(' ', (new MarkWorkings($plan))->lines());
    foreach ($says as $words) {
        expect($said)->toContain($words);
    }
    foreach ($not as $words) {
        expect($said)->not->toContain($words);
    }
})->with([
    'enlarged, on the ruler' => [
        fn () => Plans::of(Reference::printed(size('5x7in')), size('10x14in'), school: SquaresByCount::across(5)),
        ['A cell: 1 × 1 in on the photo, 2 × 2 in on the paper.', 'off on the photo, 0.031 in, and it is 0.063 in on the paper. At the far corner, off both ways, 0.088 in'],
        ['Easier'],
    ],
    'in millimetres every mark would fall' => [
        fn () => Plans::of(Reference::printed(size('5x7cm')), size('100x140mm'), school: SquaresByCount::across(5)),
        ['Easier: on a ruler in millimetres every mark falls on a ruler division.'],
        [],
    ],
    'the same size' => [
        fn () => Plans::of(Reference::printed(size('5x7in')), size('5x7in'), school: SquaresByCount::across(5)),
        ['Every mark falls on the ruler'],
        ['half a graduation off on the photo'],
    ],
]);
