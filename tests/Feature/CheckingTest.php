<?php

use Tests\Drawings;

/**
 * What the workings say of spans drawn on a 5 × 7 in print, copied at ×1½.
 *
 * @param  list<array<string, mixed>>  $spans
 * @param  array<string, mixed>  $more
 */
function checked(array $spans, array $more = []): mixed
{
    return test()->postJson('/api/workings', ['choices' => array_replace_recursive(Drawings::FIVE_BY_SEVEN, ['spans' => $spans], $more), 'wide' => 500, 'high' => 700]);
}

/** A level length of so many inches on the print. */
function across(float $inches, ?string $drawn = null, string $name = ''): array
{
    return ['name' => $name, 'x1' => '0', 'y1' => '0.5', 'x2' => (string) ($inches / 5), 'y2' => '0.5', 'drawn' => $drawn];
}

it('gives each length on the paper and the print, against the first, and how the drawing’s own differs', function () {
    $check = checked([across(4, '6 in', 'table'), across(2, '3 1/4 in', 'jug'), ['name' => 'edge', 'x1' => '0', 'y1' => '1', 'x2' => '0.2', 'y2' => '0.857143']])->assertOk()->json('check');
    expect(array_column($check['spans'], 'paper'))->toBe(['6 in', '3 in', '2 1/8 in'])
        ->and(array_column($check['spans'], 'print'))->toBe(['4 in', '2 in', '1 7/16 in'])
        ->and(array_column($check['spans'], 'against'))->toBe([null, '1/2 of table', '1/3 of table (0.35)'])
        ->and(array_column($check['spans'], 'misfit'))->toBe(['right to the ruler division', '1/4 in too long, 8.3 %', null])
        ->and(array_column($check['spans'], 'passes'))->toBe([true, false, null])
        ->and($check['spans'][2]['slope'])->toBe('rises 45°, 10 up for 10 across')
        ->and($check['decision'])->toBe('1 of 2 out')
        ->and($check['sums'][1])->toContain('Farthest out is jug: 1/4 in too long, 8.3 %');
});

it('says how it stands, and tells a drawing that is larger all over from one that is wrong', function (array $spans, string $decision, ?string $says) {
    $check = checked($spans)->assertOk()->json('check');
    expect($check['decision'])->toBe($decision);
    // A drawing in proportion is not told to put one length right.
    expect(str_contains(implode(' ', $check['sums']), 'Farthest out'))->toBe(str_ends_with($decision, ' out'));
    $says === null ? expect(implode(' ', $check['sums']))->not->toContain('larger')->not->toContain('smaller') : expect(implode(' ', $check['sums']))->toContain($says);
})->with([
    'nothing yet' => [[], 'not checked yet', null],
    'taken, not measured' => [[across(4), across(2)], '2 lengths measured', null],
    'all right' => [[across(4, '6 in'), across(2, '3 in')], 'lengths right: 2', 'this is good enough'],
    'one out' => [[across(4, '6 in'), across(2, '4 in')], '1 of 2 out', null],
    'all a tenth too long' => [[across(4, '6.6 in'), across(2, '3.3 in')], 'in proportion, another size', 'Proportions are right. Your drawing is about 10 % larger: nothing to fix.'],
    'all a tenth too short' => [[across(4, '5.4 in'), across(2, '2.7 in')], 'in proportion, another size', 'Your drawing is about 10 % smaller'],
    'about alike: both pass, or neither' => [[across(2, '3.03 in'), across(4, '6.354 in')], 'in proportion, another size', 'Your drawing is about 3.4 % larger'],
    'one of two' => [[across(4, '6 in'), across(2)], '1 of 2 lengths right', null],
    'one long, one short' => [[across(4, '6.6 in'), across(2, '2.7 in')], '2 of 2 out', null],
]);

it('never says one thing in words and another in ticks', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    for ($i = 0; $i < 12; $i++) {
        $spans = array_map(function (int $n) use ($random): array {
            $length = $random->getInt(1, 4);

            return across($length, $random->getInt(0, 3) === 0 ? null : number_format($length * 1.5 * (0.9 + $random->getInt(0, 40) / 200), 3).' in');
        }, range(1, $random->getInt(1, 4)));
        $check = checked($spans, ['photo' => ['subject' => ['likeness', 'still life', 'landscape'][$random->getInt(0, 2)]]])->assertOk()->json('check');
        [$passes, $says] = [array_column($check['spans'], 'passes'), implode(' ', $check['sums'])];
        $measured = array_filter($passes, fn (?bool $one) => $one !== null);
        expect(str_contains($says, 'Farthest out'))->toBe(in_array(false, $measured, true))
            ->and(str_ends_with($check['decision'], ' out'))->toBe(in_array(false, $measured, true))
            ->and(str_contains($says, 'good enough'))->toBe($measured !== [] && count($measured) === count($passes) && ! in_array(false, $measured, true))
            ->and(str_contains($says, 'What was measured passes'))->toBe($measured !== [] && count($measured) < count($passes) && ! in_array(false, $measured, true));
        if ($check['decision'] === 'in proportion, another size') {
            expect($says)->toContain('nothing to fix')->and($measured)->not->toContain(false);
        }
    }
})->with(seeds(5, 10));

it('names the slope on the photo too, where a stretch changes it', function () {
    $check = checked([['name' => '', 'x1' => '0', 'y1' => '1', 'x2' => '1', 'y2' => '0.5']], ['fit' => ['way' => 'stretch'], 'paper' => ['width' => '5 in', 'height' => '14 in', 'sheet' => null]])->assertOk()->json('check');
    expect($check['spans'][0]['slope'])->toBe('rises 54°, 7.1 across for 10 up; on the photo it rises 35°')->and($check['spans'][0]['name'])->toBe('span 1');
});

it('refuses what is no length, beside its field', function (array $span, string $field, string $says) {
    checked([$span])->assertUnprocessable()->assertJsonValidationErrors([$field => $says]);
})->with([
    'both ends at one place' => [['x1' => '0.5', 'y1' => '0.5', 'x2' => '0.5', 'y2' => '0.5'], 'spans', 'begins and ends at the same place'],
    'no length' => [[...across(2), 'drawn' => 'long'], 'spans.0.drawn', 'is not a length'],
    'less than nothing' => [[...across(2), 'drawn' => '-3 in'], 'spans.0.drawn', 'less than nothing'],
    'no share' => [[...across(2), 'x1' => 'left'], 'spans.0.x1', 'a number from 0 to 1'],
]);

it('refuses more than it can show', function () {
    checked(array_fill(0, 41, across(2)))->assertUnprocessable()->assertJsonValidationErrors(['spans' => 'more than 40']);
});

it('keeps a measured length as it was typed, in its own unit', function () {
    expect(checked([across(2, '7,6 cm')])->assertOk()->json('choices.spans.0.drawn'))->toBe('7.6 cm')->and(checked([across(2, '3')])->json('choices.spans.0.drawn'))->toBe('3 in');
});

it('judges a key point by one reading of the ruler or two, by the rules of a shot', function (array $drawn, bool $within, string $says) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'points' => [['name' => 'eye', 'x' => '1/2', 'y' => '1/2', 'cross' => false, 'drawn' => $drawn]]]);
    // On 7 1/2 × 10 1/2 in the middle is 3 3/4 in from the left and 5 1/4 in from the top; 5 % of a cell of 1 1/2 in pass, or half a graduation and half of one more.
    $places = test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json('workings.check.places');
    expect($places)->toHaveCount(1)->and($places[0])->toMatchArray(['name' => 'eye', 'within' => $within])->and($places[0]['says'])->toContain($says);
})->with([
    'right' => [['left' => '3 3/4 in', 'top' => '5 1/4 in'], true, 'where it belongs'],
    'by one reading' => [['left' => '4 in', 'top' => null], false, '1/4 in too far right'],
    'by two' => [['left' => '3 1/2 in', 'top' => '5 3/4 in'], false, '1/2 in too low and 1/4 in too far left'],
    'a whole row off' => [['left' => null, 'top' => '6 7/8 in'], false, 'was drawn in'],
]);

it('holds lengths each against each, the worst pair first', function () {
    $span = static fn (string $name, string $x2, ?string $drawn): array => ['name' => $name, 'x1' => '0', 'y1' => '1/2', 'x2' => $x2, 'y2' => '1/2', 'drawn' => $drawn];
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'spans' => [$span('long', '1/2', '3 3/4 in'), $span('short', '1/4', '1 7/8 in'), $span('wide', '3/4', '6 in'), $span('unmeasured', '1', null)]]);
    $pairs = test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json('workings.check.pairs');
    // 3/4 of 7 1/2 in is 5 5/8 in; drawn 6 in it is 6.7 % too long for either of the others, which keep their proportion.
    expect($pairs)->toHaveCount(6)->and($pairs[0])->toContain('wide')->toContain('6.7 % too long')->and($pairs[1])->toContain('wide')->toContain('6.7 % too long')
        ->and($pairs[2])->toContain('“long” is 2 times “short”. On the drawing as well')->and($pairs[5])->not->toContain('on the drawing');
});

it('names what a plumb line and a level line through a place meet', function () {
    $point = static fn (string $name, string $x, string $y): array => ['name' => $name, 'x' => $x, 'y' => $y, 'cross' => false];
    $choices = [...Drawings::FIVE_BY_SEVEN, 'points' => [$point('ear', '1/4', '3/4'), $point('brow', '1/4', '1/5'), $point('beside', '4/15', '1/2')], 'things' => [['name' => 'jug', 'outline' => '0.2 0.4, 0.6 0.4, 0.6 0.6, 0.2 0.6']]];
    $at = test()->postJson('/api/point', ['choices' => $choices, 'wide' => 500, 'high' => 700, 'x' => 0.25, 'y' => 0.5])->assertOk()->json();
    expect($at['plumb'])->toBe('plumb: brow, jug and ear')->and($at['level'])->toBe('level: beside and jug');
    expect(test()->postJson('/api/point', ['choices' => $choices, 'wide' => 500, 'high' => 700, 'x' => 0.9, 'y' => 0.95])->json())->toMatchArray(['plumb' => null, 'level' => null]);
});

it('judges two points of one name each by its own readings', function () {
    $eye = static fn (string $x, string $left): array => ['name' => 'eye', 'x' => $x, 'y' => '1/2', 'cross' => false, 'drawn' => ['left' => $left, 'top' => null]];
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'points' => [$eye('1/3', '2 1/2 in'), ['name' => 'nose', 'x' => '1/2', 'y' => '1/2', 'cross' => false], $eye('2/3', '5 1/2 in')]]);
    $places = test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json('workings.check.places');
    expect(array_column($places, 'within', 'index'))->toBe([0 => true, 2 => false])->and($places[1])->toMatchArray(['name' => 'eye', 'says' => '“eye” is 1/2 in too far right.']);
});
