<?php

use InchLadder\Compare\Explanation;
use InchLadder\Compare\Homography;
use InchLadder\Compare\Measured;
use InchLadder\Compare\Motion;
use InchLadder\Marks\MeasuredBack;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rounded;
use InchLadder\Photo\Keep;
use InchLadder\Pixels\Field;
use InchLadder\Tone\Threshold;

/*
 * What general-purpose libraries make of the same numbers: scikit-image's threshold_otsu and its maps of
 * the plane, scipy's theilslopes and its constrained minimiser. How they were asked stands in judges/judge.py.
 */

/** @return array<string, mixed> */
function judged(string $what): array
{
    return json_decode((string) file_get_contents(__DIR__.'/judges/judge.json'), true)[$what];
}

it('parts a picture where scikit-image does', function (string $name) {
    ['values' => $values, 'dark' => $dark] = judged('otsu')[$name];
    $threshold = Threshold::of(new Field(30, 20, $values));
    expect(count(array_filter($values, fn (int $value) => $value < $threshold->threshold)))->toBe($dark)
        ->and($threshold->shadow)->toEqualWithDelta($dark / 600, 1e-12);
})->with(array_keys(judged('otsu')));

it('finds stretch and moved zero as scipy’s Theil–Sen line does', function (string $name) {
    ['points' => $points, 'slope' => $slope, 'rest' => $rest] = judged('sen')[$name];
    $ticks = [];
    foreach ($points as $i => [$x, $off]) {
        $ticks[$i + 1] = [new Rounded(Length::mm((string) $x), Length::mm((string) $x)), Length::mm(sprintf('%.12F', $x + $off))];
    }
    $found = MeasuredBack::of($ticks, Length::mm('0.0001'));
    expect($found->stretch)->toEqualWithDelta($slope, 1e-9)
        // A zero that moved by less than the ruler tells is none.
        ->and($found->moved)->toEqualWithDelta(abs($rest) < 0.0001 ? 0.0 : $rest, 1e-6);
})->with(array_keys(judged('sen')));

it('maps one plane to another as scikit-image does', function (string $name) {
    ['from' => $from, 'to' => $to, 'projective' => $projective, 'similar' => $similar] = judged('maps')[$name];
    foreach (Homography::of($from, $to)->numbers() as $i => $number) {
        expect($number)->toEqualWithDelta($projective[$i], 1e-6 * max(1, abs($projective[$i])));
    }
    // Its affine estimate is algebraic, on normalised places; ours least squares in the plane: they agree where nothing is off.
    $motion = Motion::similarity($from, $to);
    foreach ([$motion->a, $motion->b, $motion->c, $motion->d, $motion->e, $motion->f] as $i => $number) {
        expect($number)->toEqualWithDelta($similar[$i], 1e-6 * max(1, abs($similar[$i])));
    }
})->with(array_keys(judged('maps')));

it('keeps as much of a straightened picture as scipy’s minimiser finds', function (array $case) {
    [$width, $height] = Keep::Largest->inside($case['wide'], $case['high'], deg2rad($case['degrees']));
    expect($width * $height)->toEqualWithDelta($case['area'], 1e-4 * $case['area']);
})->with(array_map(fn (array $case) => [$case], judged('largest')));

it('takes for the whole what Schwarz’s criterion does, by numpy’s least squares', function (string $name) {
    ['from' => $from, 'to' => $to, 'numbers' => $numbers] = judged('bic')[$name];
    $measured = array_map(static fn (array $here, array $there, int $i): Measured => new Measured("p{$i}", ...[...$here, ...$there, 1.0, 0.1]), $from, $to, array_keys($from));
    $whole = Explanation::of($measured, hypot(200, 250))->whole;
    expect($whole->numbers)->toBe($numbers);
})->with(array_keys(judged('bic')));
