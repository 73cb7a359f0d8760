<?php

use App\Wording\Say;
use App\Wording\Spoken;
use InchLadder\Fit\Crop;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\FreeCrop;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Labels;
use InchLadder\Grid\School;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Layout\Hand;
use InchLadder\Marks\CountedFrom;
use InchLadder\Marks\EndUse;
use InchLadder\Marks\GuideLines;
use InchLadder\Marks\Out\Board;
use InchLadder\Marks\Out\MarkingOut;
use InchLadder\Marks\Out\Rule;
use InchLadder\Marks\Out\Step;
use InchLadder\Marks\Out\Tick;
use InchLadder\Marks\Shares;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Surface;
use InchLadder\Paper\Turn;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Turning;
use InchLadder\Plan\Choices;
use InchLadder\Plan\Plan;
use Tests\Core\Plans;

/*
 * Marking out: one zero corner, every tick from its own true place, every line through two of them.
 */

/** A 5 × 7 in print on a letter sheet in cells of 1½ in; or with another fit, school and margins. */
function letterPlan(?Fit $fit = null, ?School $school = null, ?Margins $margins = null): Plan
{
    return Plans::of(Reference::printed(Size::inches(5, 7)), Size::inches('17/2', 11), $fit ?? new WholeCells(Length::inches('3/2'), Frame::centred()), $school, $margins);
}

function walked(Hand $hand = Hand::Right, ?Length $reach = null, ?Plan $plan = null): MarkingOut
{
    return MarkingOut::of(Board::paper(($plan ?? letterPlan())->layout), $hand, $reach);
}

function step(MarkingOut $out, string $key): Step
{
    return array_values(array_filter($out->steps, fn (Step $step) => $step->key === $key))[0];
}

/** @return list<string> ticks in inches */
function inches(Step $step): array
{
    return array_map(fn (Tick $tick) => (string) $tick->at->reading->in(Unit::Inch), $step->ticks);
}

it('goes round the board from one corner, and then joins', function (Hand $hand, array $keys) {
    expect(array_map(fn (Step $step) => $step->key, walked(hand: $hand)->steps))->toBe($keys);
})->with([
    'right-handed' => [Hand::Right, ['corner', 'top', 'straight', 'bottom', 'left', 'right', 'check', 'join']],
    'left-handed' => [Hand::Left, ['corner', 'top', 'straight', 'bottom', 'right', 'left', 'check', 'join']],
]);

it('ticks both edges of a pair alike, from the sheet’s own edge', function () {
    $out = walked();
    expect(inches(step($out, 'top')))->toBe(['1/2', '2', '7/2', '5', '13/2', '8'])
        ->and(inches(step($out, 'bottom')))->toBe(inches(step($out, 'top')))
        ->and(inches(step($out, 'left')))->toBe(['1/4', '7/4', '13/4', '19/4', '25/4', '31/4', '37/4', '43/4'])
        ->and(inches(step($out, 'right')))->toBe(inches(step($out, 'left')));
});

it('gives each line the same number and the same readings for both hands, and the left one the far ones first', function () {
    // Lines that are nowhere the same from the other side.
    $plan = letterPlan(new CropToPaper(Frame::centred()), new MainLines([Rational::nd(1, 5)], [Rational::nd(1, 2)]), new Margins(Length::zero(), Length::zero(), Length::zero(), Length::inches(1)));
    foreach ([$plan, printHeld(Turning::of(0, true, 2, Keep::Shape))->board] as $on) {
        [$right, $left] = array_map(fn (Hand $hand) => $on instanceof Plan ? walked($hand, plan: $on) : MarkingOut::of($on, $hand, null), [Hand::Right, Hand::Left]);
        $rules = fn (MarkingOut $out): array => array_map(fn (Rule $rule) => [$rule->key, $rule->line, $rule->from->at->reading->exact(), $rule->to->at->reading->exact()], step($out, 'join')->rules);
        $uprights = count($right->board->upright);
        expect($left->zero)->toBe($right->zero)
            ->and(step($left, 'top'))->toEqual(step($right, 'top'))
            ->and($rules($left))->toBe([...array_reverse(array_slice($rules($right), 0, $uprights)), ...array_slice($rules($right), $uprights)])
            // As the ladder counts: 0 is the edge, 1 the first line after it.
            ->and(array_column(array_slice($rules($right), 0, $uprights), 1))->toBe(range(0, $uprights - 1));
    }
});

it('marks a print from the print’s corner, and none on a screen', function () {
    $plan = letterPlan(new CropToPaper(new Frame(Rational::one(), Rational::one(), Rational::nd(1, 2))));
    $ticks = step(MarkingOut::of(Board::photo($plan->layout), Hand::Right, null), 'top')->ticks;
    // The crop is half the print and lies at its far corner: its last line is the print's own edge.
    expect(end($ticks)->at->exact->in(Unit::Inch)->toFloat())->toBe(5.0)
        ->and($ticks[0]->at->exact->in(Unit::Inch)->toFloat())->toEqualWithDelta(5 - $plan->layout->print->width->in(Unit::Inch)->toFloat(), 1e-9)
        ->and(Board::photo(Plans::of(Reference::onScreen(500, 700), Size::inches('17/2', 11))->layout))->toBeNull();
});

/** The print of a 9 × 6 in photo, held some way, ready to be marked. */
function printHeld(Turning $turning, ?Border $border = null, Hand $hand = Hand::Right): MarkingOut
{
    $whole = Reference::printed(Size::inches(9, 6), 1800, 1200);
    $plan = Plan::of(new Choices(
        new Notation(Unit::Inch, Graduation::read('1/32 in')), $whole, Size::inches(12, 9), null, Turn::AsGiven, Margins::all(Length::zero()),
        new FreeCrop(Crop::at(Rational::zero(), Rational::zero(), Rational::one(), Rational::one())), new ProportionalCells(Cells::of(3, 2)), Labels::Letters,
        framing: new Framing($turning, $border ?? Border::none()),
    ));

    return MarkingOut::of(Board::photo($plan->layout), $hand, null);
}

it('marks a print from its own corner, border and all, with either hand', function (Hand $hand) {
    // A border of 1 in on the left and half an inch at the top: the picture is 8 × 5½ in.
    $out = printHeld(Turning::none(), Border::of(Rational::nd(1, 12), Rational::zero(), Rational::zero(), Rational::nd(1, 9)), $hand);
    expect(array_map(fn (Tick $tick) => (string) $tick->at->exact->in(Unit::Inch), step($out, 'top')->ticks))->toBe(['1', '11/3', '19/3', '9'])
        ->and(array_map(fn (Tick $tick) => (string) $tick->at->exact->in(Unit::Inch), step($out, 'left')->ticks))->toBe(['1/2', '13/4', '6'])
        ->and($out->board->size->width)->toBeLength('9 in');
})->with([Hand::Right, Hand::Left]);

it('reads a mirrored print from its other edge, so that line 1 is line 1 on the paper', function () {
    // Seen mirrored, the border on the left of the picture is on the right of the print.
    $out = printHeld(Turning::of(0, true, 0, Keep::Shape), Border::of(Rational::zero(), Rational::zero(), Rational::zero(), Rational::nd(1, 9)));
    $top = step($out, 'top')->ticks;
    expect($out->zero)->toBe('right')
        ->and(array_map(fn (Tick $tick) => [$tick->line, (string) $tick->at->exact->in(Unit::Inch)], $top))->toBe([[0, '1'], [1, '11/3'], [2, '19/3'], [3, '9']]);
});

it('gives both ends of each line on a straightened print, on the print’s own edges', function (float $degrees, bool $mirrored) {
    $out = printHeld(Turning::of(0, $mirrored, $degrees, Keep::Shape));
    // By plain trigonometry: the picture's sides were turned clockwise as it is seen, so its lines lie turned back on the print.
    $angle = deg2rad($degrees) * ($mirrored ? -1 : 1);
    [$keptWide, $keptHigh] = array_map(fn (Rational $share) => $share->toFloat(), Turning::of(0, false, $degrees, Keep::Shape)->kept(1800, 1200));
    foreach (step($out, 'join')->rules as $rule) {
        if (! $rule->upright) {
            continue;
        }
        $number = (int) substr($rule->key, 8);
        $u = ($number / 3 - 0.5) * $keptWide * 9 * ($mirrored ? -1 : 1);
        // The point of the line nearest the middle, and its direction.
        [$x0, $y0, $dx, $dy] = [4.5 + $u * cos($angle), 3 - $u * sin($angle), sin($angle), cos($angle)];
        foreach ([[$rule->from, 0], [$rule->to, 6]] as [$tick, $y]) {
            $x = $x0 + ($y - $y0) * $dx / $dy;
            if ($x < 0 || $x > 9) {
                $edge = $x < 0 ? 'left' : 'right';
                $along = $y0 + (($x < 0 ? 0 : 9) - $x0) * $dy / $dx;
                expect($tick->edge)->toBe($edge)->and($tick->at->exact->in(Unit::Inch)->toFloat())->toEqualWithDelta($along, 1e-3);
            } else {
                expect($tick->edge)->toBe($y === 0 ? 'top' : 'bottom')->and($tick->place->in(Unit::Inch)->toFloat())->toEqualWithDelta($x, 1e-3);
            }
        }
        expect($rule->from->at->exact->equals($rule->to->at->exact))->toBeFalse();
    }
    expect($out->board->leans())->toBeTrue();
})->with([[3.0, false], [-5.5, false], [12.0, false], [4.0, true]]);

it('lays a short ruler on again: which laying, where its zero sits, what it reads there', function (string $at, int $laying, string $zero, string $reads) {
    $ruler = Graduation::read('1/16 in');
    $tick = Tick::at('top-1', 1, $ruler->round(Length::inches($at)), Length::inches(6));
    expect([$tick->laying, (string) $tick->zeroAt->in(Unit::Inch), (string) $tick->onRuler->in(Unit::Inch)])->toBe([$laying, $zero, $reads]);
})->with([
    'at the corner' => ['0', 1, '0', '0'],
    'in the first' => ['5', 1, '0', '5'],
    'where it ends' => ['6', 1, '0', '6'],
    'just beyond' => ['97/16', 2, '6', '1/16'],
    'in the third' => ['25/2', 3, '12', '1/2'],
]);

it('needs ticks halfway where a line is longer than the ruler, and none where it is not', function (string $reach, array $rows) {
    $out = walked(reach: Length::inches($reach));
    $between = array_values(array_filter($out->steps, fn (Step $step) => $step->key === 'between'));
    expect($rows === [] ? $between : array_map(fn (Length $l) => (string) $l->in(Unit::Inch), $between[0]->rows))->toBe($rows);
    if ($rows !== []) {
        expect($between[0]->ticks)->toHaveCount(6 * count($rows));
    }
})->with([
    'a long ruler' => ['12', []],
    'just as long as the line' => ['21/2', []],
    'half as long' => ['6', ['11/2']],
    'a third' => ['4', ['15/4', '29/4']],
]);

it('needs ticks across as well where the board is wide', function (Hand $hand) {
    // A 10 × 4 in drawing in the middle of a 12 × 6 in sheet, one inch further from its right edge than from its left.
    $plan = Plans::of(Reference::printed(Size::inches(10, 4)), Size::inches(12, 6), new CropToPaper(Frame::centred()), SquaresByCount::across(5), new Margins(Length::inches(1), Length::inches('3/2'), Length::inches(1), Length::inches('1/2')));
    $step = step(walked($hand, Length::inches(6), $plan), 'beside');
    expect(array_map(fn (Length $l) => (string) $l->in(Unit::Inch), $step->rows))->toBe(['11/2'])
        ->and(array_map(fn (Tick $tick) => $tick->at->reading->exact(), $step->ticks))->toBe(array_map(fn (Tick $tick) => $tick->at->reading->exact(), step(walked($hand, Length::inches(6), $plan), 'left')->ticks))
        ->and(array_filter(walked($hand, Length::inches(6), $plan)->steps, fn (Step $step) => $step->key === 'between'))->toBe([]);
})->with([Hand::Right, Hand::Left]);

it('rules every line through two ticks that read the same, upright ones first', function (Hand $hand) {
    $rules = step(walked($hand), 'join')->rules;
    expect(array_map(fn (Rule $rule) => $rule->upright, $rules))->toBe([...array_fill(0, 6, true), ...array_fill(0, 8, false)]);
    foreach ($rules as $rule) {
        expect($rule->from->at->reading->equals($rule->to->at->reading))->toBeTrue()->and($rule->from->key)->not->toBe($rule->to->key);
    }
})->with([Hand::Right, Hand::Left]);

it('gives every tick and line a name of its own', function () {
    $out = walked(reach: Length::inches(4));
    $names = array_merge(...array_map(fn (Step $step) => [...array_map(fn (Tick $t) => $t->key, $step->ticks), ...array_map(fn (Rule $r) => $r->key, $step->rules)], $out->steps));
    expect($names)->toBe(array_unique($names));
});

it('calls lengths out in words', function (string $length, Unit $unit, string $words) {
    expect(Spoken::of(Length::of($length, $unit), $unit))->toBe($words);
})->with([
    ['37/16', Unit::Inch, '2 and 5 sixteenths inches'],
    ['1', Unit::Inch, '1 inch'],
    ['3', Unit::Inch, '3 inches'],
    ['1/2', Unit::Inch, 'a half of an inch'],
    ['3/4', Unit::Inch, '3 quarters of an inch'],
    ['5/4', Unit::Inch, '1 and one quarter inches'],
    ['3/2', Unit::Inch, '1 and a half inches'],
    ['1/32', Unit::Inch, 'a thirty-second of an inch'],
    ['4.2', Unit::Centimetre, '4 point 2 centimetres'],
    ['1', Unit::Centimetre, '1 centimetre'],
    ['38', Unit::Millimetre, '38 millimetres'],
]);

it('halves, thirds and quarters a side as the ruler reads', function () {
    $found = array_map(fn ($r) => (string) $r->reading->in(Unit::Inch), Shares::of(Length::inches('17/2'), Graduation::read('1/16 in')));
    expect($found)->toBe(['1/4' => '17/8', '1/3' => '45/16', '1/2' => '17/4', '2/3' => '91/16', '3/4' => '51/8']);
});

it('advises the pencil that shows and harms nothing', function (Surface $surface, EndUse $use, string $pencil, string $after) {
    $advice = GuideLines::on($surface, $use);
    expect([$advice->pencil, $advice->after])->toBe([$pencil, $after])
        ->and(GuideLines::isGraphite($surface))->toBe(in_array($pencil, ['wash', 'sharp', 'smooth', 'stays', 'tooth'], true));
})->with([
    [Surface::Toothed, EndUse::Erased, 'tooth', 'cell'], [Surface::Toothed, EndUse::Stays, 'stays', 'nothing'], [Surface::Smooth, EndUse::Erased, 'smooth', 'cell'], [Surface::Smooth, EndUse::Ink, 'sharp', 'ink'],
    [Surface::Watercolour, EndUse::Wash, 'wash', 'washed'], [Surface::Watercolour, EndUse::Erased, 'tooth', 'lifted'], [Surface::Toned, EndUse::Erased, 'toned', 'brushed'],
    [Surface::Canvas, EndUse::Opaque, 'vine', 'brushed'], [Surface::Canvas, EndUse::Wash, 'pastel', 'brushed'], [Surface::Board, EndUse::Opaque, 'chalk', 'brushed'], [Surface::Print, EndUse::Ink, 'print', 'print'],
]);

it('says from which corner of the crop a print’s readings count, and how far that lies inside', function (bool $mirrored, string $across) {
    // A border of 1/12 of 9 in at the left and 1/6 of it at the right, and 1/9 of 6 in at the top.
    $whole = Reference::printed(Size::inches(9, 6), 1800, 1200);
    $layout = Plan::of(new Choices(
        new Notation(Unit::Inch, Graduation::read('1/32 in')), $whole, Size::inches(12, 9), null, Turn::AsGiven, Margins::all(Length::zero()),
        new FreeCrop(Crop::at(Rational::zero(), Rational::zero(), Rational::one(), Rational::one())), new ProportionalCells(Cells::of(3, 2)), Labels::Letters,
        framing: new Framing(Turning::of(0, $mirrored, 0, Keep::Shape), Border::of(Rational::nd(1, 9), Rational::nd(1, 6), Rational::zero(), Rational::nd(1, 12))),
    ))->layout;
    $from = CountedFrom::on($layout);
    // The sides are those that are seen: mirrored, line 1 lies by the print's right edge, and the left side's border there.
    expect([$from?->right, $from?->leans, $from?->isOwn()])->toBe([$mirrored, false, false])
        ->and($from?->across)->toBeLength($across)->and($from?->down)->toBeLength('2/3 in');
})->with([[false, '3/4 in'], [true, '3/4 in']]);

it('advises a pencil for every surface and use, edges only where lines would harm', function (Surface $surface, EndUse $use) {
    $advice = GuideLines::on($surface, $use);
    foreach (['pencil', 'pressure', 'after'] as $what) {
        expect(Say::ifAny("pencils.{$what}.{$advice->{$what}}"))->toEndWith('.');
    }
    expect($advice->edgesOnly)->toBe($surface === Surface::Print || ($surface === Surface::Watercolour && $use === EndUse::Wash));
})->with(Surface::cases())->with(EndUse::cases());

it('reads a sentence out as a person would', function (string $written, string $read) {
    expect(Spoken::aloud($written))->toBe($read);
})->with([
    ['On the top side, past 7/8: 1 3/16 in from the left.', 'On the top side, past 7 eighths: 1 and 3 sixteenths inches from the left.'],
    ['A line 0.2 cm wide, in short of 2/3 of the left side; falls 12°, bulges up 1/8 in.', 'A line 0 point 2 centimetres wide, in short of 2 thirds of the left side; falls 12 degrees, bulges up an eighth of an inch.'],
    ['AB12', 'AB12'],
    ['in 2 pieces: straight to a corner at 1/2 across; then 4 in, in all', 'in 2 pieces: straight to a corner at 1 half across; then 4 inches, in all'],
    ['exactly 41.3 %, ≈ 5 mm', 'exactly 41.3 per cent, about 5 millimetres'],
    ['at 5/11 of the side', 'at 5 over 11 of the side'],
]);
