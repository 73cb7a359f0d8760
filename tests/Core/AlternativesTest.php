<?php

use InchLadder\Fit\Dividers;
use InchLadder\Fit\DividerSetting;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Remainder;
use InchLadder\Grid\RuledAlready;
use InchLadder\Layout\PrintOnPaper;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Sheet;
use InchLadder\Photo\Reference;
use Tests\Core\Plans;

/*
 * What a drawing could be instead.
 */

it('holds lines that are ruled already against a grid’s own', function (int $parts, Edge $edge, int $counted, array $off) {
    $ruled = RuledAlready::in($parts, $edge);
    expect($ruled->parts)->toBe($counted)->and(array_map(strval(...), $ruled->off))->toBe($off);
})->with([
    'the same' => [6, Edge::even(6), 6, []],
    // By hand: 1/4 lies 1/12 from 1/6 and from 1/3; 1/2 is a line of both.
    'quarters on sixths' => [4, Edge::even(6), 4, [1 => '1/12', 3 => '1/12']],
    'halves on quarters' => [2, Edge::even(4), 2, []],
    // 1/3 and 2/3 against 3/10 and 6/10.
    'the last one cut short, and not counted' => [3, Edge::steps(Rational::nd(3, 10), Remainder::Keep, 'columns'), 3, [1 => '1/30', 2 => '1/15']],
    'and counted' => [4, Edge::steps(Rational::nd(3, 10), Remainder::Keep, 'columns'), 4, []],
]);

it('orders the settings of dividers by how full the paper gets', function () {
    $settings = Dividers::onto(size('5x7in'), size('9x11in'));
    $names = array_map(fn (DividerSetting $one) => (string) $one->setting, $settings);
    // 3/2 makes 7 1/2 × 10 1/2 in on 9 × 11: 78.75 of 99 square inches; 5/3 would be 11 2/3 in high.
    expect(array_slice($names, 0, 4))->toBe(['3/2', '4/3', '5/4', '1'])
        ->and($settings[0]->empty->toFloat())->toEqualWithDelta(1 - 78.75 / 99, 1e-12)
        ->and(array_map(fn (DividerSetting $one) => $one->fits, array_slice($settings, 3, 2)))->toBe([true, false])
        ->and([$settings[0]->makes, $settings[3]->makes, DividerSetting::of(Rational::nd(1, 2), size('5x7in'), size('9x11in'))->makes])->toBe(['larger', 'same', 'smaller']);
});

it('prints the whole photo as large as a paper takes it, and knows the cell it would have', function () {
    $layout = Plans::of(Reference::onScreen(3000, 2000), size('9x12in'))->layout;
    $print = PrintOnPaper::of($layout, Size::mm(210, 297));
    // 3:2 on A4 laid across: 297 wide, 198 high (ISO 216), 3000 px on 11.69 in.
    expect([(string) $print->print->width->mm, (string) $print->print->height->mm])->toBe(['297', '198'])
        ->and($print->resolution?->perInch)->toEqualWithDelta(3000 / (297 / 25.4), 1e-6)
        ->and($print->isUnder(Length::mm(500)))->toBeTrue()->and($print->isUnder(Length::mm(1)))->toBeFalse();
});

it('offers sheets of about a size', function () {
    $names = array_map(fn (Sheet $sheet) => $sheet->key, Catalogue::about(Size::mm(210, 297)));
    expect($names)->toContain('a4')->toContain('a3')->toContain('a5')->toContain('letter')->not->toContain('a2')->not->toContain('a6')
        ->and(count($names))->toBeLessThan(count(Catalogue::sheets()));
});

it('knows the widest of uneven parts', function () {
    expect((string) Edge::at([Rational::nd(1, 5), Rational::nd(1, 4)])->widest())->toBe('3/4')->and((string) Edge::even(8)->widest())->toBe('1/8');
});
