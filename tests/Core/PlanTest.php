<?php

use InchLadder\Fit\Frame;
use InchLadder\Fit\Reference;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Labels;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Placement;
use InchLadder\Paper\Turn;
use InchLadder\Plan\Decisions;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums;
use Tests\Core\Plans;

/** What must hold of every plan, whatever was chosen. */
function holds(Plan $plan): void
{
    $crop = $plan->fitted->crop;
    $area = $plan->fitted->area;
    // The crop lies on the photo, and the drawing area on the paper inside its margins.
    expect($crop->left->isNegative() || $crop->top->isNegative())->toBeFalse()
        ->and($crop->right()->isGreaterThan(1) || $crop->bottom()->isGreaterThan(1))->toBeFalse()
        ->and($plan->leftover->width->mm->isNegative() || $plan->leftover->height->mm->isNegative())->toBeFalse()
        ->and($plan->left->mm->isLessThan($plan->choices->margins->left->mm))->toBeFalse()
        ->and($plan->left->plus($area->width)->isLongerThan($plan->sheet->width->minus($plan->choices->margins->right)))->toBeFalse()
        ->and($plan->top->plus($area->height)->isLongerThan($plan->sheet->height->minus($plan->choices->margins->bottom)))->toBeFalse();
    // Proportion is kept unless it was given up by choice.
    if (! $plan->choices->fit instanceof Stretch) {
        expect($plan->scale->keepsProportion())->toBeTrue();
    }
    // Both ladders rise from the zero corner to the far edge, on the print as on the paper.
    foreach ([[$plan->across, $area->width, $plan->print?->width], [$plan->down, $area->height, $plan->print?->height]] as [$ladder, $side, $print]) {
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
    $sums = new Sums($plan);
    $said = [...$sums->photo(), ...$sums->paper(), ...$sums->fit(), ...$sums->grid(), ...$sums->marks()];
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
    ];
    $schools = [SquaresByCount::across(4), new ProportionalCells(Cells::of(7, 3)), new SquaresByMeasure(length('13 mm')), new SquaresByMeasure(length('1/2 in'), true)];
    $margins = new Margins(length('1/4 in'), length('3 mm'), length('1/2 in'), length('0'));
    $n = 0;
    foreach ($references as $reference) {
        foreach ($fits as $i => $fit) {
            foreach ($schools as $j => $school) {
                $place = Placement::cases()[($i + $j) % count(Placement::cases())];
                holds(Plans::of($reference, size($sheet), $fit, $school, $margins, $ruler, Turn::cases()[$j], $place, Labels::cases()[$i % 2]));
                $n++;
            }
        }
    }
    expect($n)->toBe(56);
})->with([
    ['5x7in', '8.5x11in', '1/16 in'],
    ['11x4in', '9x12in', '1/8 in'],
    ['10x15cm', '297x420mm', '1 mm'],
    ['6x6cm', '14x14in', '1/32 in'],
    ['90x61mm', '200x133mm', '0.5 mm'],
]);

it('writes its sums as a careful person would', function (string $rung, string $line, Closure $plan) {
    expect((new Sums($plan()))->{$rung}())->toContain($line);
})->with([
    ['photo', 'Print 5 × 7 in.', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'))],
    ['photo', 'The wider side is the longer: 3000 × 2000 pixels, shape 1.5.', fn () => Plans::of(Reference::onScreen(3000, 2000), size('8.5x11in'))],
    ['photo', 'Both sides are as long: 900 × 900 pixels, shape 1.', fn () => Plans::of(Reference::onScreen(900, 900), size('8.5x11in'))],
    ['photo', 'On a screen nothing is measured off the photo: the same cells and labels carry it to the paper.', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'))],
    ['paper', '9 − 1/4 − 1/2 = 8 1/4 in to draw on, across.', fn () => Plans::of(Reference::printed(size('5x7in')), size('9x12in'), margins: new Margins(length('0'), length('1/2 in'), length('0'), length('1/4 in')))],
    ['fit', 'The photo and the paper have the same shape.', fn () => Plans::of(Reference::printed(size('4x6in')), size('8x12in'))],
    ['fit', 'The photo is 50 % wider in shape than the paper.', fn () => Plans::of(Reference::printed(size('6x4in')), size('10x10in'))],
    ['fit', '33.3 % of the photo is trimmed: 1 in off the left, 1 in off the right.', fn () => Plans::of(Reference::printed(size('6x4in')), size('10x10in'))],
    ['fit', '33.3 % of the photo is trimmed: 16.7 % off the left, 16.7 % off the right.', fn () => Plans::of(Reference::onScreen(600, 400), size('10x10in'))],
    ['fit', '5 × 1 1/2 = 7 1/2 in across, 7 × 1 1/2 = 10 1/2 in down.', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), new WholeCells(length('1.5in'), Frame::centred()))],
    ['fit', '7 1/2 ÷ 5 in = ×1 1/2; the area grows ×2 1/4.', fn () => Plans::of(Reference::printed(size('5x7in')), size('7.5x10.5in'))],
    ['fit', 'Stretched 2.27 %: a slope of 20° becomes 19.6°.', fn () => Plans::of(Reference::printed(size('8x10in')), size('9x11in'), new Stretch)],
    ['grid', '4 columns and 5 rows: 20 cells, 7 lines inside the frame.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(4, 5)))],
    ['grid', 'A cell is 2 × 2 in on the paper, 1 × 1 in on the print.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(4, 5)))],
    ['grid', 'What remains at the right, 2 in, is kept as partial cells.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new SquaresByMeasure(length('3 in')))],
    ['grid', 'These cells are not square; they keep the proportion as long as both boards have the same counts.', fn () => Plans::of(Reference::printed(size('4x5in')), size('8x10in'), school: new ProportionalCells(Cells::of(3, 3)))],
    ['marks', 'Down: 11 ÷ 7 = 1 4/7 in; on this ruler 1 9/16, 0.009 in short.', fn () => Plans::of(Reference::printed(size('5.5x11in')), size('5.5x11in'), school: new ProportionalCells(Cells::of(1, 7)))],
    ['marks', 'Stepping 1 9/16 in down the side would put line 7 out by 1/16 in short.', fn () => Plans::of(Reference::printed(size('5.5x11in')), size('5.5x11in'), school: new ProportionalCells(Cells::of(1, 7)))],
    ['marks', 'Stepping 2 1/8 in across the top would put line 5 out by 1/8 in over.', fn () => Plans::of(Reference::printed(size('10.5x7in')), size('10.5x7in'), school: new ProportionalCells(Cells::of(5, 1)))],
    ['marks', 'Stepping 1 3/8 in across the top would put line 5 out by 0.075 in short.', fn () => Plans::of(Reference::printed(size('6.95x7in')), size('6.95x7in'), school: new ProportionalCells(Cells::of(5, 1)))],
    ['marks', 'Every mark falls on the ruler: nothing is rounded.', fn () => Plans::of(Reference::printed(size('6x6in')), size('6x6in'), school: new ProportionalCells(Cells::of(4, 4)))],
]);

it('says each decision in a few words', function (string $rung, string $words, Closure $plan) {
    expect((new Decisions($plan()))->{$rung}())->toBe($words);
})->with([
    ['photo', '5 × 7 in print', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'))],
    ['photo', 'on a screen', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'))],
    ['paper', '8 1/2 × 11 in, upright', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'))],
    ['paper', '11 × 8 1/2 in, sideways', fn () => Plans::of(Reference::onScreen(3, 2), size('8.5x11in'), turn: Turn::Advised)],
    ['paper', '10 × 10 in, square', fn () => Plans::of(Reference::onScreen(3, 2), size('10x10in'))],
    ['fit', 'crop, ×2 1/2', fn () => Plans::of(Reference::printed(size('6x4in')), size('10x10in'))],
    ['fit', 'crop, 33 % trimmed', fn () => Plans::of(Reference::onScreen(6, 4), size('10x10in'))],
    ['fit', 'inset', fn () => Plans::of(Reference::onScreen(6, 4), size('10x10in'), new Inset(Rational::one()))],
    ['fit', 'whole cells, ×1 1/2', fn () => Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), new WholeCells(length('1.5in'), Frame::centred()))],
    ['fit', 'stretch', fn () => Plans::of(Reference::printed(size('8x10in')), size('9x11in'), new Stretch)],
    ['grid', '4 by 4, A–D', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'))],
    ['grid', '4 by 4, 1–4', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'), labels: Labels::Numbers)],
    ['marks', '6 lines to rule', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'))],
    ['marks', '1 line to rule', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'), school: new ProportionalCells(Cells::of(2, 1)))],
    ['marks', 'the frame only', fn () => Plans::of(Reference::onScreen(4, 4), size('8x8in'), school: new ProportionalCells(Cells::of(1, 1)))],
]);
