<?php

use App\Wording\CheckWording;
use App\Wording\Phrases;
use InchLadder\Checking\Alignment;
use InchLadder\Checking\Deviation;
use InchLadder\Checking\Judgement;
use InchLadder\Checking\Landmark;
use InchLadder\Checking\Odd;
use InchLadder\Checking\Proportion;
use InchLadder\Checking\SpanOnPaper;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Placed;
use InchLadder\Layout\Span;
use InchLadder\Layout\SpanWithoutLength;
use InchLadder\Marks\Reach;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Slope;
use InchLadder\Measure\Unit;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use InchLadder\Plan\Plan;
use Tests\Core\Plans;

function span(string $x1, string $y1, string $x2, string $y2, ?string $drawn = null, string $name = 'span'): Span
{
    return new Span($name, Rational::of($x1), Rational::of($y1), Rational::of($x2), Rational::of($y2), $drawn === null ? null : length($drawn));
}

function sixteenths(): Notation
{
    return new Notation(Unit::Inch, Graduation::read('1/16 in'));
}

function doubled(): Plan
{
    return Plans::of(Reference::printed(size('5x4in')), size('10x8in'));
}

it('reads a slope from the left', function (float $run, float $rise, string $words, ?string $across) {
    expect(Phrases::slope(Slope::of($run, $rise)))->toBe($words)->and(Phrases::slopeWithoutProtractor(Slope::of($run, $rise)))->toBe($across)
        // The same way drawn from its other end has the same slope.
        ->and(Phrases::slope(Slope::of(-$run, -$rise)))->toBe($words);
})->with([
    [10, 10, 'rises 45°', '10 up for 10 across'],
    [10, -3.64, 'falls 20°', '3.6 down for 10 across'],
    [1.4, -10, 'falls 82°', '1.4 across for 10 down'],
    [10, 10.1, 'rises 45°', '9.9 across for 10 up'],
    [10, 0.2, 'level', null],
    [0.1, 9, 'vertical', null],
    [-0.1, 9, 'vertical', null],
    'a hair beyond level' => [10, 0.4, 'rises 2°', '0.4 up for 10 across'],
    'no way at all' => [0, 0, 'level', null],
]);

it('takes a length over to the paper, with its slope', function (Plan $plan, Span $span, string $paper, ?string $print, string $onPhoto, string $onPaper) {
    $found = SpanOnPaper::of($plan->layout, $span);
    $read = fn ($length): string => sixteenths()->plain(sixteenths()->ruler->round($length)->reading);
    expect($read($found->paper))->toBe($paper)
        ->and($found->print === null ? null : $read($found->print))->toBe($print)
        ->and(array_map(Phrases::slope(...), [$found->onPhoto, $found->onPaper]))->toBe([$onPhoto, $onPaper]);
})->with([
    // 3, 4, 5: half of 6 in across and half of 8 in down.
    'by Pythagoras' => [fn () => Plans::of(Reference::printed(size('3x4in')), size('6x8in')), fn () => span('0', '1', '0.5', '0.5'), '5 in', '2 1/2 in', 'rises 53°', 'rises 53°'],
    'level, doubled' => [fn () => doubled(), fn () => span('0.1', '0.5', '0.9', '0.5'), '8 in', '4 in', 'level', 'level'],
    'on a screen, as large as the paper takes it' => [fn () => Plans::of(Reference::onScreen(500, 400), size('10x8in')), fn () => span('0.5', '0', '0.5', '1'), '8 in', null, 'vertical', 'vertical'],
    // A square filling 18 × 24: a slope of 20° becomes 25.9° (common practice).
    'stretched' => [fn () => Plans::of(Reference::printed(size('10x10in')), size('18x24in'), new Stretch), fn () => span('0', '0.363970', '1', '0'), '20 in', '10 5/8 in', 'rises 20°', 'rises 26°'],
    'partly cropped away' => [fn () => Plans::of(Reference::printed(size('10x5in')), size('5x5in')), fn () => span('0', '0.5', '1', '0.5'), '10 in', '10 in', 'level', 'level'],
]);

it('refuses a length that has none', function () {
    span('0.2', '0.3', '0.2', '0.3');
})->throws(SpanWithoutLength::class);

it('holds one length against another', function (string $ratio, string $words) {
    expect(CheckWording::proportion(Proportion::of(Rational::of($ratio)), 'the head'))->toBe($words);
})->with([
    ['1', 'as long as the head'],
    ['2/3', '2/3 of the head'],
    ['0.68', '2/3 of the head (0.68)'],
    ['1.98', '2 times the head (1.98)'],
    ['7/2', '3 1/2 times the head'],
    ['0.01', 'hardly any of the head (0.01)'],
    ['1.01', 'as long as the head (1.01)'],
    ['7.33', '7 1/3 times the head (7.33)'],
]);

it('judges a length by itself, not by the page', function (string $drawn, string $wanted, Subject $subject, bool $passes, string $words) {
    $misfit = new Deviation(length($drawn)->minus(length($wanted)), length($wanted));
    expect(Judgement::of([$misfit], $subject->departurePercent() / 100, sixteenths()->ruler->step->dividedBy(2))->passes)->toBe([$passes])->and(CheckWording::deviation($misfit, sixteenths()))->toBe($words);
})->with([
    // 1 cm is 10 % of a head of 10 cm, and 2 % of half a metre.
    'a centimetre on a head' => ['11 cm', '10 cm', Subject::Likeness, false, '3/8 in too long, 10 %'],
    'a centimetre on half a metre' => ['51 cm', '50 cm', Subject::Likeness, true, '3/8 in too long, 2 %'],
    'the same is looser on a landscape' => ['4.2 in', '4 in', Subject::Landscape, true, '3/16 in too long, 5 %'],
    'and strict on a face' => ['4.2 in', '4 in', Subject::Likeness, false, '3/16 in too long, 5 %'],
    'too short' => ['3 1/2 in', '4 in', Subject::StillLife, false, '1/2 in too short, 12.5 %'],
    'half a graduation, which no ruler tells' => ['0.53 in', '0.5 in', Subject::Likeness, true, 'right to the ruler division'],
    'right' => ['4 in', '4 in', Subject::Likeness, true, 'right to the ruler division'],
]);

it('judges the size of the whole before each length', function (array $percent, float $tolerance, array $passes, float $size) {
    $misfits = array_map(fn (float $off): Deviation => new Deviation(Length::mm(Rational::near($off)), Length::mm(100)), $percent);
    $judged = Judgement::of($misfits, $tolerance, Length::mm('1/10'));
    expect($judged->passes)->toBe($passes)->and($judged->size)->toEqualWithDelta($size, 0.002)
        ->and($judged->out())->toBe(array_keys($passes, false, true));
})->with([
    'right' => [[0, 0.5, -0.5], 0.02, [true, true, true], 1.0],
    'all alike too long' => [[7, 7], 0.05, [true, true], 1.07],
    'all about alike' => [[1, 5.9], 0.05, [true, true], 1.0342],
    'one right, one far out: nothing is common to them' => [[0, 10], 0.05, [true, false], 1.0],
    'just at the limit' => [[2, -2], 0.02, [true, true], 1.0],
    'just over it' => [[2.01, 0], 0.02, [false, true], 1.0],
    'two long, one right' => [[10, 10, 0], 0.05, [true, true, false], 1.1],
    'one alone' => [[10], 0.05, [false], 1.0],
    'none' => [[], 0.05, [], 1.0],
    'both ways' => [[10, -10], 0.05, [false, false], 1.0],
]);

it('finds what lies under what, the nearest first', function () {
    $plan = doubled();
    $point = fn (string $name, string $x, string $y): Placed => Placed::in($plan->layout->fitted->crop, new KeyPoint($name, Rational::of($x), Rational::of($y), false));
    $found = Alignment::among(Landmark::ofPoints([
        $point('eye', '0.30', '0.20'),
        // 10 in wide: 0.005 of it is 1/20 in, on a ruler of sixteenths 1/16.
        $point('mouth', '0.305', '0.60'),
        $point('ear', '0.70', '0.2'),
        // Near to the eye in both: that tells nothing.
        $point('lash', '0.31', '0.21'),
        $point('far off', '0.52', '0.41'),
    ]), $plan->layout->fitted->area);
    expect(array_map(fn (Alignment $alignment): string => CheckWording::alignment($alignment, sixteenths()), $found))->toBe([
        'ear is level with eye',
        'mouth is plumb under eye, but for 1/16 in to the right',
        'lash is plumb above mouth, but for 1/16 in to the right',
        'lash is level with ear, but for 1/16 in below',
    ]);
});

it('looks for none among points that are cropped away', function () {
    $plan = Plans::of(Reference::printed(size('10x5in')), size('5x5in'));
    $point = fn (string $x, string $y): Placed => Placed::in($plan->layout->fitted->crop, new KeyPoint('p', Rational::of($x), Rational::of($y), false));
    expect(Alignment::among(Landmark::ofPoints([$point('0.1', '0.1'), $point('0.1', '0.9')]), $plan->layout->fitted->area))->toBe([]);
});

it('calls odd and right what is far shorter than the others of its name, or slants otherwise, and only where there are others', function (array $spans, array $odd) {
    // A picture of 4 × 3 on paper of 8 × 6.
    $plan = Plans::of(Reference::printed(size('4x3in')), size('8x6in'), spans: array_map(fn (string $name, array $at): Span => span(...[...array_map(strval(...), $at), 'name' => $name]), array_keys($spans), $spans));
    $found = Odd::among($plan->layout);
    expect(array_map(CheckWording::odd(...), $found))->toBe($odd);
})->with([
    'fingers, one of them towards the eye' => [
        ['finger 1' => [0.1, 0.5, 0.1, 0.1], 'finger 2' => [0.2, 0.5, 0.2, 0.1], 'left finger' => [0.3, 0.5, 0.3, 0.3], 'thumb' => [0.5, 0.5, 0.5, 0.45]],
        ['“left finger” is 50 % as long as the others of its name: it points towards you, or away. It looks odd and is right. Draw what shows.'],
    ],
    'on the limit' => [['leg 1' => [0.1, 0.5, 0.1, 0.1], 'leg 2' => [0.2, 0.5, 0.2, 0.1], 'leg 3' => [0.3, 0.5, 0.3, 0.255]], []],
    'all alike' => [['leg 1' => [0.1, 0.5, 0.1, 0.1], 'leg 2' => [0.2, 0.1, 0.2, 0.5], 'leg 3' => [0.3, 0.5, 0.3, 0.1]], []],
    'two of them: which is odd?' => [['ear 1' => [0.1, 0.5, 0.1, 0.1], 'ear 2' => [0.2, 0.5, 0.2, 0.4]], []],
    'level among vertical ones, whichever way they were taken' => [
        ['Oar' => [0.1, 0.5, 0.1, 0.1], 'oar 2' => [0.2, 0.1, 0.2, 0.5], 'OAR 3' => [0.3, 0.5, 0.6, 0.5]],
        ['“OAR 3” slants 90° otherwise than the others of its name. It looks odd and is right. Draw what shows.'],
    ],
]);

it('finds an odd length in every cell it runs through, and in no other', function () {
    $plan = Plans::of(Reference::printed(size('4x3in')), size('8x6in'), spans: [span('0.05', '0.9', '0.05', '0.1', name: 'oar 1'), span('0.95', '0.9', '0.95', '0.1', name: 'oar 2'), span('0.1', '0.2', '0.6', '0.4', name: 'oar 3')]);
    // Four by three cells; the line falls from 0.2 to 0.4 over 0.1 … 0.6: at 0.25 it is at 0.26, at 1/3 down it is at 0.433 across.
    $cells = [];
    foreach (range(0, 2) as $row) {
        foreach (range(0, 3) as $column) {
            foreach (Odd::crossing($plan->layout, $column / 4, $row / 3, ($column + 1) / 4, ($row + 1) / 3) as $odd) {
                $cells[$odd->span->span->name][] = 4 * $row + $column;
            }
        }
    }
    expect($cells)->toBe(['oar 3' => [0, 1, 5, 6]]);
});

it('checks what may still move from what is firm', function () {
    $plan = doubled();
    $point = fn (string $name, string $x, string $y, bool $firm = false): Placed => Placed::in($plan->layout->fitted->crop, new KeyPoint($name, Rational::of($x), Rational::of($y), false, firm: $firm));
    $found = Alignment::among(Landmark::ofPoints([$point('chin', '0.5', '0.9'), $point('ear', '0.502', '0.2'), $point('heel', '0.51', '0.5', true)]), $plan->layout->fitted->area);
    expect(array_map(fn (Alignment $one): string => "{$one->first->name} {$one->second->name}", $found))->toBe(['heel ear', 'heel chin', 'chin ear']);
});

it('strikes no arcs that cross under 30°: where they meet, a pencil line is too long', function (string $x, bool $struck) {
    // Both first ones stand on a line of the five squares; seen from the third they lie 25° and 35° apart.
    $points = array_map(static fn (array $at): KeyPoint => new KeyPoint($at[0], Rational::of($at[1]), Rational::of($at[2]), false), [['a', '0.2', '0.2'], ['b', $x, '0.2'], ['c', '0.5', '0.5']]);
    $reaches = Reach::all(Plans::of(Reference::printed(size('4x4in')), size('8x8in'), school: InchLadder\Grid\Schools\SquaresByCount::across(5), points: $points)->layout);
    expect($reaches[2]->point->point->name)->toBe('c')->and($reaches[2]->arcs !== null)->toBe($struck)->and($reaches[2]->side !== null)->toBe($struck);
})->with(['25°' => ['0.3908', false], '35°' => ['0.4471', true]]);

it('carries points over by the shortest reach first, each where two arcs cross', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $points = array_map(static fn (int $i): KeyPoint => new KeyPoint("p{$i}", Rational::nd($random->getInt(5, 95), 100), Rational::nd($random->getInt(5, 95), 100), false), range(1, 9));
    $plan = Plans::of(Reference::printed(size('4x5in')), size('8x10in'), points: $points);
    $reaches = Reach::all($plan->layout);
    $shorter = array_map(static fn (Reach $one): float => $one->shorter->toFloat(), $reaches);
    expect($reaches)->toHaveCount(9)->and($shorter)->toBe(collect($shorter)->sort()->values()->all());
    $area = $plan->layout->fitted->area;
    $at = [];
    $struck = 0;
    foreach ($reaches as $i => $one) {
        [$x, $y] = [$one->point->x->toFloat() * $area->width->toFloat(), $one->point->y->toFloat() * $area->height->toFloat()];
        $at[$one->point->point->name] = [$x, $y];
        foreach ($one->arcs ?? [] as $arc) {
            // From what stands already, as far on the paper as it is, and half of that on the print.
            expect($at)->toHaveKey($arc->from)->and($arc->paper->toFloat())->toEqualWithDelta(hypot($at[$arc->from][0] - $x, $at[$arc->from][1] - $y), 1e-3)
                ->and($arc->print?->toFloat())->toEqualWithDelta($arc->paper->toFloat() / 2, 1e-3);
        }
        if ($one->arcs !== null) {
            // Two circles cross at two places: one of them is the point (Euclid, Elements I.22).
            [[$ax, $ay], [$bx, $by]] = [$at[$one->arcs[0]->from], $at[$one->arcs[1]->from]];
            [$r, $q, $d] = [$one->arcs[0]->paper->toFloat(), $one->arcs[1]->paper->toFloat(), hypot($bx - $ax, $by - $ay)];
            $along = ($r ** 2 - $q ** 2 + $d ** 2) / (2 * $d);
            $off = sqrt(max(0, $r ** 2 - $along ** 2));
            [$ux, $uy] = [($bx - $ax) / $d, ($by - $ay) / $d];
            $crossings = [[$ax + $along * $ux - $off * $uy, $ay + $along * $uy + $off * $ux], [$ax + $along * $ux + $off * $uy, $ay + $along * $uy - $off * $ux]];
            expect(min(hypot($crossings[0][0] - $x, $crossings[0][1] - $y), hypot($crossings[1][0] - $x, $crossings[1][1] - $y)))->toBeLessThan(0.01);
            // The side that is told is the point's, and not the other crossing's.
            [$near, $far] = hypot($crossings[0][0] - $x, $crossings[0][1] - $y) < 0.01 ? $crossings : array_reverse($crossings);
            $of = fn (array $place): array => [
                'above' => $place[1] < $ay + ($place[0] - $ax) * ($by - $ay) / (($bx - $ax) ?: 1e-9), 'below' => $place[1] > $ay + ($place[0] - $ax) * ($by - $ay) / (($bx - $ax) ?: 1e-9),
                'left' => $place[0] < $ax + ($place[1] - $ay) * ($bx - $ax) / (($by - $ay) ?: 1e-9), 'right' => $place[0] > $ax + ($place[1] - $ay) * ($bx - $ax) / (($by - $ay) ?: 1e-9),
            ];
            expect([$of($near)[$one->side], $of($far)[$one->side]])->toBe([true, false])
                ->and(in_array($one->side, ['above', 'below'], true))->toBe(abs($bx - $ax) >= abs($by - $ay));
            $struck++;
        }
    }
    // The first two have none to be struck from.
    expect($struck)->toBeGreaterThan(4)->and($reaches[0]->arcs)->toBeNull()->and($reaches[1]->arcs)->toBeNull();
})->with(range(1, 6));
