<?php

use App\Wording\Decisions;
use App\Wording\MarkWorkings;
use App\Wording\Workings;
use InchLadder\Fit\Crop;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\CropToRatio;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Labels;
use InchLadder\Grid\Overlay;
use InchLadder\Grid\Remainder;
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
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Span;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Placement;
use InchLadder\Paper\Position;
use InchLadder\Paper\Turn;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use InchLadder\Photo\Turning;
use InchLadder\Plan\Clearance;
use InchLadder\Plan\Clearing;
use InchLadder\Plan\Plan;
use Tests\Core\Plans;

/** What must hold of every plan, whatever was chosen. */
function holds(Plan $plan): void
{
    $crop = $plan->layout->fitted->crop;
    $area = $plan->layout->fitted->area;
    // The crop lies on the photo, and the drawing area on the paper inside its margins.
    expect($crop->left->isNegative() || $crop->top->isNegative())->toBeFalse()
        ->and($crop->right()->isGreaterThan(1) || $crop->bottom()->isGreaterThan(1))->toBeFalse()
        ->and($plan->layout->leftover->width->mm->isNegative() || $plan->layout->leftover->height->mm->isNegative())->toBeFalse()
        ->and($plan->layout->left->mm->isLessThan($plan->choices->margins->left->mm))->toBeFalse()
        ->and($plan->layout->left->plus($area->width)->isLongerThan($plan->layout->sheet->width->minus($plan->choices->margins->right)))->toBeFalse()
        ->and($plan->layout->top->plus($area->height)->isLongerThan($plan->layout->sheet->height->minus($plan->choices->margins->bottom)))->toBeFalse();
    // Proportion is kept unless it was given up by choice.
    if (! $plan->choices->fit instanceof Stretch) {
        expect($plan->layout->scale->keepsProportion())->toBeTrue();
    }
    // Both ladders rise from the start corner to the far edge, on the print as on the paper.
    foreach ([[$plan->across(), $area->width, $plan->layout->print?->width], [$plan->down(), $area->height, $plan->layout->print?->height]] as [$ladder, $side, $print]) {
        $before = null;
        foreach ($ladder->marks as $mark) {
            expect($before === null || $mark->at->area->exact->isLongerThan($before))->toBeTrue();
            $before = $mark->at->area->exact;
            if ($print !== null) {
                expect($mark->at->print->exact->over($print)->isEqualTo($mark->at->area->exact->over($side)))->toBeTrue();
            }
        }
        expect($before->equals($side))->toBeTrue();
    }
    // Every number can be said.
    $sums = new Workings($plan);
    $said = [...$sums->all(), ...$sums->photo->warnings(), ...$sums->paper->warnings(), ...$sums->fit->warnings()];
    $decided = new Decisions($plan);
    array_push($said, $decided->photo(), $decided->paper(), $decided->fit(), $decided->grid(), $decided->marks());
    foreach ($said as $line) {
        expect($line)->not->toBe('')->not->toContain('  ')->not->toMatch('/E[+-]|NAN|INF/');
    }
}

it('keeps its promises for any photo, paper, fit and grid', function (string $photo, string $sheet, string $ruler) {
    $references = [Reference::printed(size($photo)), Reference::onScreen(1237, 811)];
    $fits = [
        new CropToPaper(Frame::centred()),
        new CropToPaper(new Frame(Rational::of('0.9'), Rational::of('0.013'), Rational::of('0.37'))),
        new Inset(Rational::one()),
        new Inset(Rational::of('0.73')),
        new Stretch,
        new WholeCells(length('2 cm'), Frame::centred()),
        new WholeCells(length('1 1/3 in'), new Frame(Rational::of('0.2'), null, Rational::one())),
        new WholeCells(length('2 cm'), Frame::centred(), 3, 3, length('1/2 in')),
        new CropToRatio(Rational::nd(4, 5), Frame::centred()),
        new FreeCrop(Crop::at(Rational::of('0.1'), null, Rational::of('0.31'), Rational::of('0.77'))),
    ];
    $schools = [
        SquaresByCount::across(4), SquaresByCount::across(3, Remainder::Share), SquaresByCount::across(5, Remainder::Drop), new ProportionalCells(Cells::of(7, 3)),
        new SquaresByMeasure(length('13 mm')), new SquaresByMeasure(length('1/2 in'), true), new SquaresByMeasure(length('1/2 in'), false, Remainder::Absorb),
        new Thirds, new QuartersAndDiagonals, Folding::into(8, 16), new CentreCross, new AxesWithTicks(Rational::nd(1, 3), Rational::nd(5, 8), length('1 cm')),
        new MainLines([Rational::of('0.37')], [Rational::nd(1, 3), Rational::of('0.62')]), new OwnLines([length('1 1/8 in')], [length('3 cm')]),
    ];
    $margins = new Margins(length('1/4 in'), length('3 mm'), length('1/2 in'), length('0'));
    $n = 0;
    foreach ($references as $reference) {
        foreach ($fits as $i => $fit) {
            foreach ($schools as $j => $school) {
                $place = Placement::at(Position::cases()[($i + $j) % count(Position::cases())]);
                holds(Plans::of($reference, size($sheet), $fit, $school, $margins, $ruler, Turn::cases()[$j % 4], Labels::cases()[$i % 3], placement: $place));
                $n++;
            }
        }
    }
    expect($n)->toBe(2 * count($fits) * count($schools));
})->with(few(3, [
    ['11x4in', '9x12in', '1/8 in'],
    ['10x15cm', '297x420mm', '1 mm'],
    ['6x6cm', '14x14in', '1/32 in'],
    ['5x7in', '8.5x11in', '1/16 in'],
    ['90x61mm', '200x133mm', '0.5 mm'],
]));

it('writes its sums as a careful person would', function (string $rung, string $line, Closure $plan) {
    expect((new Workings($plan()))->{$rung}->lines())->toContain($line);
})->with([
    ['photo', 'Print 5 × 7 in.', fn () => Plans::of(Reference::printed(size('5x7in'), 500, 700), size('8.5x11in'))],
    ['photo', 'The original is 5 × 7 in.', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'))],
    ['photo', 'The wider side is the longer: 3000 × 2000 pixels, shape 1.5.', fn () => Plans::of(Reference::onScreen(3000, 2000), size('8.5x11in'))],
    ['photo', 'Both sides are as long: 900 × 900 pixels, shape 1.', fn () => Plans::of(Reference::onScreen(900, 900), size('8.5x11in'))],
    ['photo', 'On a screen nothing is measured off the photo: the same cells and labels carry it to the paper.', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'))],
    ['paper', '9 − 1/4 − 1/2 = 8 1/4 in to draw on, across.', fn () => Plans::of(Reference::printed(size('5x7in')), size('9x12in'), margins: new Margins(length('0'), length('1/2 in'), length('0'), length('1/4 in')))],
    ['fit', 'The photo and the paper have the same shape.', fn () => Plans::of(Reference::printed(size('4x6in')), size('8x12in'))],
    ['fit', 'The photo is wider in shape than the paper, by 50 %.', fn () => Plans::of(Reference::printed(size('6x4in')), size('10x10in'))],
    ['fit', '33.3 % of the photo is cropped: 1 in off the left, 1 in off the right.', fn () => Plans::of(Reference::printed(size('6x4in')), size('10x10in'))],
    ['fit', '33.3 % of the photo is cropped: 16.7 % off the left, 16.7 % off the right.', fn () => Plans::of(Reference::onScreen(600, 400), size('10x10in'))],
    ['fit', '5 × 1 1/2 = 7 1/2 in across, 7 × 1 1/2 = 10 1/2 in down.', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), new WholeCells(length('1.5in'), Frame::centred()))],
    ['fit', '7 1/2 ÷ 5 in = ×1 1/2, larger, 3:2 or 150 %. The area grows ×2 1/4.', fn () => Plans::of(Reference::printed(size('5x7in')), size('7.5x10.5in'))],
    // 1170 ÷ 713 = 1.64095…, its square 2.69273…; 1170:713 is a ratio that nobody sets.
    ['fit', '11 7/10 ÷ 7.13 in = ×1.641, larger, 164.1 %. The area grows ×2.6927.', fn () => Plans::of(Reference::printed(size('7.13x9.98in')), size('11.7x16.3in'))],
    ['fit', '3 ÷ 6 in = ×1/2, smaller, 1:2 or 50 %. The area shrinks to ×1/4.', fn () => Plans::of(Reference::printed(size('6x4in')), size('3x2in'))],
    ['fit', 'The same size: what is measured on the print is drawn as it is. A misprinted guide cancels out only when it is used on both.', fn () => Plans::of(Reference::printed(size('5x7in')), size('5x7in'))],
    ['fit', 'The height stops it first. All the slack is at the sides.', fn () => Plans::of(Reference::printed(size('5x7in')), size('10x7in'), new Inset(Rational::one()))],
    ['fit', 'A straight edge laid through the photo’s corners meets the paper’s right edge, 1 1/2 in from its far corner.', fn () => Plans::of(Reference::printed(size('6x4in')), size('9x7.5in'))],
    ['fit', 'A straight edge laid through the photo’s corners meets the paper’s far corner.', fn () => Plans::of(Reference::printed(size('6x4in')), size('9x6in'))],
    ['fit', 'Two cells to keep apart: 1 × 1 in on the print, 1 1/2 × 1 1/2 in on the paper.', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), new WholeCells(length('1.5in'), Frame::centred()))],
    ['photo', 'Nearly 5 × 7 in, a usual print, but 1/16 in less across and the same down. The measured size counts.', fn () => Plans::of(Reference::printed(size('4 15/16 x 7 in')), size('8.5x11in'))],
    ['photo', 'A cell has 750 pixels to its side. Printed as large as the drawing there are 273 to the inch.', fn () => Plans::of(Reference::onScreen(3000, 3882), size('11x14in'))],
    ['photo', 'The photo is turned a quarter clockwise, mirrored. Its file stays as it is.', fn () => Plans::of(Reference::onScreen(300, 200), size('11x14in'), framing: new Framing(Turning::of(5, true, 0, Keep::Shape), Border::none()))],
    ['photo', 'The border, 36 % of the photo, is no part of the picture: every guide is computed from the picture alone.', fn () => Plans::of(Reference::onScreen(300, 200), size('11x14in'), framing: new Framing(Turning::none(), Border::of(...array_fill(0, 4, Rational::of('0.1')))))],
    ['paper', 'To the edges: 1 1/4 left, 1 1/4 right, 1/2 above, 1/2 below. Left and right are equal.', fn () => Plans::of(Reference::printed(size('6x10in')), size('8.5x11in'), new Inset(Rational::one()), margins: Margins::all(length('1/2 in')))],
    ['paper', 'Corners, from the left edge and the top: 1 1/4 and 1/2, 7 1/4 and 1/2, 1 1/4 and 10 1/2, 7 1/4 and 10 1/2.', fn () => Plans::of(Reference::printed(size('6x10in')), size('8.5x11in'), new Inset(Rational::one()), margins: Margins::all(length('1/2 in')))],
    ['paper', 'A4 is 21 × 29.7 cm: the short side is 0.1 cm short, the long side as it should be. The measured size counts.', fn () => Plans::of(Reference::printed(size('10x15cm')), size('209x297mm'), ruler: '1 mm', standard: Catalogue::find('a4'))],
    ['paper', 'The margins take 19.8 % of the sheet. Without them the drawing would be 8 1/2 × 11 in.', fn () => Plans::of(Reference::printed(size('6x10in')), size('8.5x11in'), margins: Margins::all(length('1/2 in')))],
    ['paper', 'The farthest mark lies 11 in from the start corner: a ruler of 6 in is laid 2 times.', fn () => Plans::of(Reference::printed(size('6x10in')), size('8.5x11in'), reach: length('6 in'))],
    ['marks', 'Down: from the sheet’s edge the ruler reaches line 2. Tick where it ends, 6 in, and lay its zero there for the rest.', fn () => Plans::of(Reference::printed(size('5x5in')), size('10x10in'), school: new ProportionalCells(Cells::of(1, 4)), reach: length('6 in'))],
    ['grid', 'Across: 4 parts, 3 lines inside, 5 with the edges. Down: 5 parts, 4 lines inside, 6 with the edges.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(4, 5)))],
    ['grid', 'What remains, 2 in, is not drawn: half of it is left at either side.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new SquaresByMeasure(length('3 in'), false, Remainder::Drop))],
    ['grid', 'What remains is shared: 1 in of partial cells at both sides.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new SquaresByMeasure(length('3 in'), false, Remainder::Share))],
    ['grid', 'To mark and rule: 5–10 min a board (rule of thumb). A mark is off by 1/32 in at most, on this ruler.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(6, 8)))],
    ['grid', 'The axes meet 2 in from the sheet’s left edge and 5 in from its top. Points right and down of them count plus.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new AxesWithTicks(Rational::nd(1, 4), Rational::nd(1, 2), length('1 in')))],
    ['grid', '4 columns and 5 rows: 20 cells, 7 lines inside the frame.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(4, 5)))],
    ['grid', 'A cell is 2 × 2 in on the paper, 1 × 1 in on the print.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(4, 5)))],
    ['grid', 'What remains at the right, 2 in, is kept as partial cells.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new SquaresByMeasure(length('3 in')))],
    ['grid', 'These cells are not square. They keep the proportion as long as both boards have the same counts. The nearest to squares is 3 by 4.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(3, 3)))],
    ['marks', 'Down: 11 ÷ 7 = 1 4/7 in. On this ruler 1 9/16, 0.009 in short.', fn () => Plans::of(Reference::printed(size('5.5x11in')), size('5.5x11in'), school: new ProportionalCells(Cells::of(1, 7)))],
    ['marks', 'In steps of 1 9/16 in down the side, line 7 would come out 1/16 in short.', fn () => Plans::of(Reference::printed(size('5.5x11in')), size('5.5x11in'), school: new ProportionalCells(Cells::of(1, 7)))],
    ['marks', 'In steps of 2 1/8 in across the top, line 5 would come out 1/8 in over.', fn () => Plans::of(Reference::printed(size('10.5x7in')), size('10.5x7in'), school: new ProportionalCells(Cells::of(5, 1)))],
    ['marks', 'In steps of 1 3/8 in across the top, line 5 would come out 0.075 in short.', fn () => Plans::of(Reference::printed(size('6.95x7in')), size('6.95x7in'), school: new ProportionalCells(Cells::of(5, 1)))],
    ['marks', 'Every mark falls on the ruler: nothing is rounded.', fn () => Plans::of(Reference::printed(size('6x6in')), size('6x6in'), school: new ProportionalCells(Cells::of(4, 4)))],
]);

it('says each decision in a few words', function (string $rung, string $words, Closure $plan) {
    expect((new Decisions($plan()))->{$rung}())->toBe($words);
})->with([
    ['photo', '5 × 7 in print', fn () => Plans::of(Reference::printed(size('5x7in'), 500, 700), size('8.5x11in'))],
    ['photo', '5 × 7 in, no photo', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'))],
    ['photo', 'on a screen', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'))],
    ['paper', '8 1/2 × 11 in portrait', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'))],
    ['paper', '11 × 8 1/2 in landscape', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'), turn: Turn::Advised)],
    ['paper', '10 × 10 in square', fn () => Plans::of(Reference::onScreen(3, 2), size('10x10in'))],
    ['fit', 'fill the paper, ×2 1/2', fn () => Plans::of(Reference::printed(size('6x4in')), size('10x10in'))],
    ['fit', 'fill the paper, 33.3 % cropped', fn () => Plans::of(Reference::onScreen(6, 4), size('10x10in'))],
    ['fit', 'fill the paper, 0.07 % cropped', fn () => Plans::of(Reference::onScreen(1000, 1401), size('5x7in'))],
    ['fit', 'whole photo', fn () => Plans::of(Reference::onScreen(6, 4), size('10x10in'), new Inset(Rational::one()))],
    ['fit', 'whole squares, ×1 1/2', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), new WholeCells(length('1.5in'), Frame::centred()))],
    ['fit', 'stretch, 2.3 %', fn () => Plans::of(Reference::printed(size('8x10in')), size('9x11in'), new Stretch)],
    ['grid', '4 × 4, A–D', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'))],
    ['grid', '4 × 4, 1–4', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'), labels: Labels::Numbers)],
    ['marks', '6 lines to rule', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'))],
    ['marks', '1 line to rule', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'), school: new ProportionalCells(Cells::of(2, 1)))],
    ['marks', 'the frame only', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'), school: new ProportionalCells(Cells::of(1, 1)))],
]);

it('warns of what needs the eye, and of nothing else', function (string $rung, array $warnings, Closure $plan) {
    expect((new Workings($plan()))->{$rung}->warnings())->toBe($warnings);
})->with([
    'pixels enough' => ['photo', [], fn () => Plans::of(Reference::printed(size('5x7in'), 1500, 2100), size('8.5x11in'))],
    'too few for the print' => ['photo', ['At this print size the photo has 100 pixels to the inch. Under 150 they show. It carries 3 5/16 × 4 5/16 in well.'], fn () => Plans::of(Reference::printed(size('5x7in'), 500, 700), size('8.5x11in'))],
    'too few for the cells' => ['photo', ['A cell has only 30 pixels to its side. Under 100 they show. Take fewer cells, or crop less.'], fn () => Plans::of(Reference::onScreen(120, 160), size('9x12in'))],
    'another sheet than its name says' => ['paper', ['This is further from A4 than ISO 216 allows. It may be another sheet. The measured size counts.'], fn () => Plans::of(Reference::printed(size('10x15cm')), size('205x297mm'), ruler: '1 mm', standard: Catalogue::find('a4'), margins: Margins::all(length('1 cm')))],
    'over the margin' => ['paper', ['The drawing lies over the margin at the right. Under it lie vertical lines 4.'], fn () => Plans::of(Reference::printed(size('5x7in')), size('9x12in'), new Inset(Rational::nd(1, 2)), margins: Margins::all(length('1 in')), placement: Placement::offset(length('5 in'), length('4 in')))],
    'up to the edge' => ['paper', ['The drawing comes within 0 in of an edge. 1/4 in leaves room for tape and fingers (rule of thumb).'], fn () => Plans::of(Reference::printed(size('5x7in')), size('9x12in'))],
    'in proportion' => ['fit', [], fn () => Plans::of(Reference::printed(size('5x7in')), size('9x12in'))],
    'visibly stretched' => ['fit', ['Stretched 33.33 %: visible: a circle is drawn as an oval. A circle becomes an oval 33.33 % higher than wide. A slope of 35° becomes 43°. On a subject like this (still life) it will be seen.'], fn () => Plans::of(Reference::printed(size('5x5in')), size('18x24in'), new Stretch)],
    'slightly' => ['fit', ['Stretched 2.27 %: slight: fit for a landscape, not for a likeness. A circle becomes an oval 2.27 % wider than high. A slope of 35° becomes 34.4°.'], fn () => Plans::of(Reference::printed(size('8x10in')), size('9x11in'), new Stretch, subject: Subject::Landscape)],
    'harmlessly' => ['fit', ['Stretched 0.5 %: harmless: under 1 %, less than a pencil line. A circle becomes an oval 0.5 % wider than high. A slope of 35° becomes 34.9°.'], fn () => Plans::of(Reference::printed(size('100x100mm')), size('201x200mm'), new Stretch)],
]);

it('tries the spacing before anything lasts: the spaces between the ticks come to the frame’s own side', function (Plan $plan, array $says) {
    expect(array_slice((new MarkWorkings($plan))->spacing(), 0, 2))->toBe($says);
})->with([
    'even' => [fn () => Plans::of(Reference::printed(size('4x6in')), size('8x12in'), school: new ProportionalCells(Cells::of(4, 6))), ['Across: 4 spaces of 2 in between the ticks come to 8 in. The frame is 8 in.', 'Down: 6 spaces of 2 in between the ticks come to 12 in. The frame is 12 in.']],
    'rounded one by one' => [fn () => Plans::of(Reference::printed(size('4x6in')), size('8x12in'), school: new ProportionalCells(Cells::of(7, 1))), ['Across: 7 spaces of 1 1/8 to 1 3/16 in between the ticks come to 8 in. The frame is 8 in.', 'Down: one space of 12 in between the ticks come to 12 in. The frame is 12 in.']],
]);

it('names what lies under tape, mat or cut', function () {
    $plan = Plans::of(
        Reference::printed(size('4x6in')), size('8x12in'), school: new ProportionalCells(Cells::of(4, 6)), margins: Margins::all(length('1 in')), placement: Placement::offset(length('0 in'), length('1 in')),
        points: [new KeyPoint('ear', Rational::nd(3, 50), Rational::nd(1, 2), false), new KeyPoint('nose', Rational::nd(1, 2), Rational::nd(1, 2), false)],
        spans: [new Span('hat', Rational::nd(3, 40), Rational::nd(1, 4), Rational::nd(3, 4), Rational::nd(1, 4), null)],
    );
    expect((new Workings($plan))->paper->warnings()[0])->toBe('The drawing lies over the margin at the left. Under it lie vertical lines 0; the points ear; the lengths hat.');
});

it('lays axes over any other grid, whose lines stay, and carries the long diagonal to the paper’s end', function () {
    $axes = new AxesWithTicks(Rational::nd(1, 4), Rational::nd(1, 2), length('1 in'));
    $plan = Plans::of(Reference::printed(size('4x6in')), size('8x12in'), new Inset(Rational::nd(1, 2)), school: new ProportionalCells(Cells::of(4, 6)), axes: $axes, placement: Placement::at(Position::TopLeft));
    expect($plan->layout->grid->across->parts())->toBe(4)
        ->and(array_map(strval(...), $plan->layout->grid->axes->across))->toBe(['0', '1/4', '1/2', '3/4', '1'])
        ->and((string) $plan->layout->reach())->toBe('2')
        ->and(array_map(fn (array $stroke) => array_map(strval(...), $stroke), Overlay::LongDiagonal->strokes($plan->layout->reach())))->toBe([['0', '0', '2', '2']]);
});

it('keeps a boxed thing clear of lines, or puts one on it, wherever it lies: what it promises holds', function () {
    mt_srand(11);
    $done = ['clear' => 0, 'upright' => 0, 'level' => 0, 'larger cells' => 0];
    for ($i = 0; $i < 150; $i++) {
        $plan = Plans::of(
            Reference::onScreen(mt_rand(300, 900), mt_rand(300, 900)), size(mt_rand(6, 12).'x'.mt_rand(6, 12).'in'),
            new CropToPaper(new Frame(Rational::nd(mt_rand(0, 9), 10), Rational::nd(mt_rand(0, 9), 10), Rational::nd(mt_rand(4, 9), 10))), SquaresByCount::across(mt_rand(2, 9)),
        );
        $box = array_map(fn (int $most) => Rational::nd(mt_rand(1, $most), 100), [60, 60, 18, 18]);
        foreach (Clearance::of($plan, ...$box) as $way) {
            $done[$way->by->value]++;
            $to = $way->columns === null ? $plan : Plan::of($plan->choices->schooled(SquaresByCount::across($way->columns)));
            $share = fn (Rational $at, Rational $from, Rational $span) => $at->minus($from)->dividedBy($span);
            foreach (['upright' => [$to->layout->grid->columns, $share($box[0], $way->crop->left, $way->crop->width), $box[2]->dividedBy($way->crop->width)], 'level' => [$to->layout->grid->rows, $share($box[1], $way->crop->top, $way->crop->height), $box[3]->dividedBy($way->crop->height)]] as $axis => [$lines, $start, $length]) {
                $through = array_filter(array_slice($lines, 1, -1), fn (Rational $line) => $line->isGreaterThan($start) && $line->isLessThan($start->plus($length)));
                if (in_array($way->by, [Clearing::Clear, Clearing::LargerCells], true)) {
                    expect($through)->toBe([]);
                } elseif ($way->by->value === $axis) {
                    expect(array_filter($lines, fn (Rational $line) => $line->isEqualTo($start->plus($length->dividedBy(2)))))->not->toBe([]);
                }
            }
            expect($way->crop->left->isNegative() || $way->crop->right()->isGreaterThan(1))->toBeFalse();
        }
    }
    expect(min($done))->toBeGreaterThan(10);
});
