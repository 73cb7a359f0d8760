<?php

use InchLadder\Marks\DiagonalsImpossible;
use InchLadder\Marks\FrameCheck;
use InchLadder\Marks\FrameFindings;
use InchLadder\Marks\MeasuredBack;
use InchLadder\Marks\SquareCheck;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Rounded;
use InchLadder\Measure\Size;

/** A place that the ruler reads as it is. */
function belonging(int $mm): Rounded
{
    return new Rounded(Length::mm($mm), Length::mm($mm));
}

/** The two diagonals of a frame whose lower edge has slid to the right, by coordinates. */
function diagonals(float $w, float $h, float $slid): array
{
    $down = sqrt($h ** 2 - $slid ** 2);
    $mm = static fn (float $length): Length => Length::mm(Rational::of(number_format($length, 6, '.', '')));

    return [$mm(hypot($w + $slid, $down)), $mm(hypot($w - $slid, $down))];
}

it('finds how far a frame leans from its diagonals alone', function (float $slid, bool $square) {
    $check = SquareCheck::of(size('203.2x254mm'), ...[...diagonals(203.2, 254.0, $slid), length('1/16 in')]);
    expect($check->slid)->toEqualWithDelta($slid, 0.001)
        ->and($check->lean)->toEqualWithDelta(rad2deg(asin($slid / 254)), 0.001)
        ->and($check->larger)->toEqualWithDelta(0.0, 1e-6)
        ->and($check->isSquare)->toBe($square);
})->with([
    [0.0, true],
    [1.5, true],
    [1.7, false],
    [-4.0, false],
    [20.0, false],
]);

it('tells a frame that leans from one that is too large', function () {
    $check = SquareCheck::of(size('8x10in'), length('13 in'), length('13 in'), length('1/16 in'));
    // 8 × 10 in has diagonals of 12.806 in; 13 in both ways is 1.5 % too long, and square.
    expect($check->slid)->toEqualWithDelta(0.0, 1e-9)
        ->and($check->larger)->toEqualWithDelta(13 / 12.8062 - 1, 1e-5)
        ->and($check->isSquare)->toBeFalse();
});

it('refuses diagonals that no such frame has', fn (string $falling) => expect(fn () => SquareCheck::of(size('8x10in'), length($falling), length('12.8 in'), length('1/16 in')))->toBeRefused(DiagonalsImpossible::class, 'It should be near 12.81 in (32.5 cm)'))
    ->with([
        '2 in',
        '20 in',
        '0',
    ]);

it('takes diagonals up to a quarter off for the frame’s own', function (string $falling) {
    // 8 × 10 in has diagonals of 12.806 in; a quarter more is 16.008, a quarter less 9.605.
    expect(SquareCheck::of(size('8x10in'), length($falling), length('12.8 in'), length('1/16 in'))->isSquare)->toBeFalse();
})->with(['15.9 in', '9.7 in']);

it('refuses those that are more than a quarter off', fn (string $falling) => expect(fn () => SquareCheck::of(size('8x10in'), length($falling), length('12.8 in'), length('1/16 in')))->toThrow(DiagonalsImpossible::class))
    ->with(['16.1 in', '9.5 in']);

it('has halving lines to warn of only where there is more than one column', function (int $columns, bool $has) {
    $measured = ['falling' => Length::mm(505), 'rising' => Length::mm(495)];
    expect(FrameFindings::of(Size::mm(300, 400), $measured, Length::mm(1), $columns, 4)->hasHalvingLines)->toBe($has)
        ->and(FrameFindings::of(Size::mm(300, 400), ['falling' => Length::mm(500), 'rising' => Length::mm(500)], Length::mm(1), $columns, 4)->hasHalvingLines)->toBe($has);
})->with([[1, false], [2, true]]);

it('finds a tick that lies one mark of the ruler beside its reading, however that was rounded', function (float $rounding, int $beside) {
    // On a ruler of 1 mm; lines at 20 mm and a rest, read to whole ones.
    $ticks = [];
    foreach (range(1, 5) as $line) {
        $at = new Rounded(Length::mm(Rational::near(20 * $line + $rounding)), Length::mm(20 * $line));
        $ticks[$line] = [$at, Length::mm(20 * $line + ($line === 3 ? $beside : 0))];
    }
    expect(MeasuredBack::of($ticks, Length::mm(1))->slips)->toBe($beside === 0 ? [] : [[3, (float) $beside]]);
})->with([-0.5, -0.2, 0.0, 0.4])->with([-1, 0, 1]);

it('tells a moved zero, a stretch and a slip apart', function (array $measured, float $moved, float $stretch, array $slips) {
    $ticks = [];
    foreach ($measured as $line => $mm) {
        $ticks[$line] = [belonging(20 * $line), Length::mm(Rational::of((string) $mm))];
    }
    $found = MeasuredBack::of($ticks, Length::mm(1));
    expect($found->moved)->toEqualWithDelta($moved, 0.01)
        ->and($found->stretch)->toEqualWithDelta($stretch, 0.0005)
        ->and(array_column($found->slips, 0))->toBe($slips)
        ->and($found->isTrue())->toBe($moved === 0.0 && $stretch === 0.0 && $slips === []);
})->with([
    'all true' => [[1 => 20, 40, 60, 80, 100], 0.0, 0.0, []],
    'within what the ruler tells' => [[1 => 20.4, 39.6, 60.3, 80, 99.7], 0.0, 0.0, []],
    'the zero moved by 3' => [[1 => 23, 43, 63, 83, 103], 3.0, 0.0, []],
    'steps of 20.6' => [[1 => 20.6, 41.2, 61.8, 82.4, 103], 0.0, 0.03, []],
    'one slip' => [[1 => 20, 40, 65, 80, 100], 0.0, 0.0, [3]],
    'a stretch and a slip' => [[1 => 20.6, 41.2, 61.8, 87.4, 103, 123.6, 144.2], 0.0, 0.03, [4]],
    'the zero moved back and one slip' => [[1 => 18, 38, 58, 78, 90, 118], -2.0, 0.0, [5]],
    'two ticks off alike' => [[2 => 42, 4 => 82], 2.0, 0.0, []],
    'two ticks that are right' => [[2 => 40, 4 => 80.3], 0.0, 0.0, []],
]);

it('does not decide between causes that two readings cannot tell apart', function (array $measured, array $undecided) {
    $ticks = array_map(fn (int $line, float $mm): array => [belonging(20 * $line), Length::mm(Rational::near($mm))], array_keys($measured), $measured);
    $found = MeasuredBack::of(array_combine(array_keys($measured), $ticks), Length::mm(1));
    expect([$found->moved, $found->stretch, $found->slips])->toBe([0.0, 0.0, []])
        ->and($found->isTrue())->toBe($undecided === [])
        ->and(array_map(fn (array $one) => round($one[1]), array_column($found->undecided, null, 0)))->toBe($undecided);
})->with([
    'one right, one an inch out' => [[1 => 20, 2 => 65.4], [1 => 0.0, 2 => 25.0]],
    'both out, not alike' => [[1 => 23, 3 => 70], [1 => 3.0, 3 => 10.0]],
    'one alone' => [[2 => 45], [2 => 5.0]],
    'one alone, right' => [[2 => 40], []],
]);

it('finds the one mark that explains every length that is off', function (array $measured, array $off, ?string $corner) {
    $frame = Size::mm(300, 400);
    $check = FrameCheck::of($frame, array_map(Length::mm(...), $measured), Length::mm(1));
    expect(array_keys($check->off))->toBe($off)->and($check->corner)->toBe($corner)
        ->and($check->most()->toFloat())->toEqualWithDelta(max([0.0, ...array_map(fn (Length $error) => abs($error->toFloat()), array_values($check->off))]), 1e-9);
})->with([
    'all right' => [['top' => 300, 'falling' => 500, 'rising' => 501], [], null],
    'top right slipped outwards' => [['top' => 303, 'right' => 400, 'rising' => 502, 'falling' => 500], ['top', 'rising'], 'top-right'],
    'bottom left' => [['bottom' => 297, 'left' => 398, 'rising' => 497, 'top' => 300, 'falling' => 500], ['bottom', 'left', 'rising'], 'bottom-left'],
    'leaning: both diagonals, no one corner' => [['falling' => 505, 'rising' => 495], ['falling', 'rising'], null],
    'one side alone: either of its ends' => [['top' => 304], ['top'], null],
    'two sides that share no end' => [['top' => 304, 'bottom' => 304], ['top', 'bottom'], null],
]);

it('says what was not measured', function () {
    expect(FrameCheck::of(Size::mm(300, 400), ['top' => Length::mm(300), 'falling' => Length::mm(500)], Length::mm(1))->unproved)->toBe(['bottom', 'left', 'right', 'rising']);
});

it('says each thing once: a corner that explains all leaves no lean, a named side no diagonals too long', function (array $measured, ?string $corner, bool $leans, bool $isLarger) {
    // A 3-4-5 frame of 300 × 400 mm, its diagonals 500 (Euclid, Elements I.47).
    $found = FrameFindings::of(Size::mm(300, 400), array_map(Length::mm(...), $measured), Length::mm(1), 5, 4);
    expect([$found->check->corner, $found->lean !== null, $found->larger !== null])->toBe([$corner, $leans, $isLarger])
        ->and($found->slid === null)->toBe(! $leans)->and($found->most === null)->toBe(! $isLarger);
    if ($found->slid !== null && $found->slidOnCell !== null) {
        // On four rows each has a quarter of it.
        expect($found->slidOnCell->times(4)->toFloat())->toEqualWithDelta(abs($found->slid->toFloat()), 0.01);
    }
})->with([
    'nothing off' => [['falling' => 500, 'rising' => 500], null, false, false],
    // 12.5 mm to the right: d² = (300 ± 12.5)² + 400², all but the same sides.
    'it leans' => [['falling' => '507.6', 'rising' => '492.6'], null, true, false],
    'both too long' => [['falling' => 505, 'rising' => 505], null, false, true],
    'both too long, and a side says why' => [['falling' => 505, 'rising' => 505, 'top' => 308], null, false, false],
    'one mark slipped' => [['falling' => 505, 'rising' => 500, 'top' => 300, 'right' => 404, 'left' => 400, 'bottom' => 303], 'bottom-right', false, false],
]);
