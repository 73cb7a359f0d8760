<?php

use App\Wording\Writing;
use Brick\Math\BigRational;
use Brick\Math\Exception\DivisionByZeroException;
use Brick\Math\RoundingMode;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\LengthUnreadable;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\RulerUnknown;
use InchLadder\Measure\Unit;

it('reads lengths as people write them', function (string $written, string $millimetres) {
    expect((new LengthReader(Unit::Inch))->read($written)->exact())->toBe($millimetres);
})->with([
    'decimal inches' => ['8.5in', '2159/10'],
    'mixed fraction and inch mark' => ['8 1/2"', '2159/10'],
    'hyphened fraction' => ['8-1/2 in', '2159/10'],
    'glyph and no unit' => ['8½', '2159/10'],
    'glyph alone' => ['¾ in', '381/20'],
    'feet and inches' => ['1\' 6"', '2286/5'],
    'feet alone' => ["2'", '3048/5'],
    'feet in words' => ['2 ft 3 1/2 in', '1397/2'],
    'typographic marks' => ['1′ 6″', '2286/5'],
    'centimetres' => ['21 cm', '210'],
    'millimetres, no space' => ['210mm', '210'],
    'decimal comma' => ['2,5 cm', '25'],
    'metres' => ['1.5 m', '1500'],
    'plain fraction' => ['1/3 in', '127/15'],
    'leading point' => ['.5in', '127/10'],
    'capitals and spaces' => ['  21   CM ', '210'],
    'a fraction slash' => ['1⁄4 in', '127/20'],
    'nothing' => ['0', '0'],
]);

it('takes a bare number in the drawing’s unit', function (Unit $unit, string $millimetres) {
    expect((new LengthReader($unit))->read('12')->exact())->toBe($millimetres);
})->with([
    [Unit::Inch, '1524/5'],
    [Unit::Centimetre, '120'],
    [Unit::Millimetre, '12'],
]);

it('refuses what is no length', function (string $written) {
    (new LengthReader(Unit::Inch))->read($written);
})->with([
    'words' => 'abc', 'two numbers' => '8 5', 'unknown unit' => '8 parsecs', 'trailing rubbish' => '8in x', 'empty' => '', 'spaces' => '   ',
    'negative' => '-5', 'divided by nothing' => '1/0', 'an exponent' => '1e9', 'a very long text' => str_repeat('9', 400), 'markup' => '<b>5</b>',
])->throws(LengthUnreadable::class);

it('says what is wrong with a length', function (string $written, string $says) {
    expect(fn () => (new LengthReader(Unit::Inch))->read($written))->toBeRefused(LengthUnreadable::class, $says);
})->with([
    ['abc', '“abc” is not a length. Write it like 8 1/2 in, 21 cm or 210 mm.'],
    ['-5 cm', 'less than nothing'],
    ['3/0', 'divides by nothing'],
    ['', 'A length is missing'],
]);

it('reads sizes', function (string $written, string $width, string $height) {
    $size = (new LengthReader(Unit::Inch))->readSize($written);
    expect($size->width)->toBeLength($width)->and($size->height)->toBeLength($height);
})->with([
    ['5x7in', '5 in', '7 in'],
    ['8.5 × 11 in', '8.5 in', '11 in'],
    ['21 x 29.7 cm', '21 cm', '29.7 cm'],
    ['9 in by 30 cm', '9 in', '30 cm'],
    ['18x24', '18 in', '24 in'],
    ['4 1/2 x 6 in', '4 1/2 in', '6 in'],
]);

it('refuses what is no size', fn (string $written) => (new LengthReader(Unit::Inch))->readSize($written))
    ->with([
        '5',
        '5x',
        'x7',
        '5x7x9',
        'wide',
    ])->throws(LengthUnreadable::class);

it('writes a length at the ruler’s graduation, and says how far off that is', function (string $length, Unit $unit, string $ruler, string $written) {
    expect((new Writing(new Notation($unit, Graduation::read($ruler))))->written(length($length)))->toBe($written);
})->with([
    'on the ruler' => ['1.5 in', Unit::Inch, '1/16 in', '1 1/2 in'],
    'a whole number' => ['12 in', Unit::Inch, '1/16 in', '12 in'],
    'below one' => ['0.1875 in', Unit::Inch, '1/16 in', '3/16 in'],
    'short' => ['11/7 in', Unit::Inch, '1/16 in', '1 9/16 in (0.009 in short)'],
    'over' => ['1/3 in', Unit::Inch, '1/8 in', '3/8 in (0.042 in over)'],
    'hardly off' => ['1.00001 in', Unit::Inch, '1/16 in', '1 in (under 0.001 in short)'],
    'a coarse ruler' => ['1 3/8 in', Unit::Inch, '1/2 in', '1 1/2 in (0.125 in over)'],
    'half a step goes up' => ['1/32 in', Unit::Inch, '1/16 in', '1/16 in (0.031 in over)'],
    'centimetres' => ['21 cm', Unit::Centimetre, '1 mm', '21 cm'],
    'a decimal' => ['8 in', Unit::Centimetre, '1 mm', '20.3 cm (0.2 mm short)'],
    'millimetres' => ['8 in', Unit::Millimetre, '1 mm', '203 mm (0.2 mm short)'],
    'half millimetres' => ['20.35 cm', Unit::Centimetre, '0.5 mm', '20.35 cm'],
    'nothing' => ['0', Unit::Inch, '1/16 in', '0 in'],
]);

it('shows a sum without rounding', function (string $length, Unit $unit, string $written) {
    expect((new Notation($unit, $unit->commonRuler()))->plain(length($length)))->toBe($written);
})->with([
    ['11/7 in', Unit::Inch, '1 4/7 in'],
    ['50/3 cm', Unit::Centimetre, '16.667 cm'],
    ['2.25 in', Unit::Inch, '2 1/4 in'],
    'measured in hundredths' => ['8.82 in', Unit::Inch, '8.82 in'],
    'a twentieth is on no ruler' => ['1.05 in', Unit::Inch, '1.05 in'],
    'tenths stay' => ['2.1 in', Unit::Inch, '2 1/10 in'],
    'sixty-fourths stay' => ['3/64 in', Unit::Inch, '3/64 in'],
    ['21.05 cm', Unit::Centimetre, '21.05 cm'],
    ['1.00001 in', Unit::Inch, '1 in'],
]);

it('rounds to the nearest graduation, never further off than half of one', function (string $ruler) {
    $graduation = Graduation::read($ruler);
    $half = $graduation->step->dividedBy(2);
    foreach (range(1, 400) as $n) {
        $exact = Length::inches("{$n}/37");
        $rounded = $graduation->round($exact);
        expect($graduation->carries($rounded->reading))->toBeTrue()
            ->and($rounded->error()->absolute()->isLongerThan($half))->toBeFalse()
            ->and($rounded->reading->minus($rounded->error())->equals($exact))->toBeTrue();
    }
})->with(Graduation::COMMON);

it('knows only rulers that are made', fn (string $ruler) => Graduation::read($ruler))
    ->with([
        '1/7 in',
        '3 mm',
        '',
        'in',
        '1/16',
    ])->throws(RulerUnknown::class);

it('keeps a drawing to one unit', fn () => expect(fn () => new Notation(Unit::Centimetre, Graduation::read('1/16 in')))->toBeRefused(RulerUnknown::class, 'A ruler marked in 1/16 in does not read cm'));

it('keeps thirds and sevenths exact through a sum and back', function () {
    $seventh = Length::inches(11)->dividedBy(7);
    $sum = array_reduce(range(1, 7), fn (Length $sum) => $sum->plus($seventh), Length::zero());
    expect($sum)->toBeLength('11 in')->and($sum->minus(Length::inches(11))->isZero())->toBeTrue();
});

it('halves five and a half to two and three quarters', function () {
    expect((new Writing(new Notation(Unit::Inch, Graduation::read('1/16 in'))))->written(length('5 1/2 in')->dividedBy(2)))->toBe('2 3/4 in');
});

it('takes an inch as 25.4 mm exactly', function () {
    // International yard and pound agreement, 1959: 1 yd = 0.9144 m.
    expect(Length::inches(36)->exact())->toBe(Length::mm('914.4')->exact());
});

it('keeps every fraction exact, on machine integers and beyond them', function (string $a, string $b) {
    // brick/math, on which the fast path leans, is the other opinion.
    [$x, $y] = [Rational::of($a), Rational::of($b)];
    [$p, $q] = [BigRational::of($a), BigRational::of($b)];
    foreach ([[$x->plus($y), $p->plus($q)], [$x->minus($y), $p->minus($q)], [$x->times($y), $p->multipliedBy($q)], [$x->dividedBy($y), $p->dividedBy($q)], [$x->reciprocal(), $p->reciprocal()], [$x->abs(), $p->abs()]] as [$ours, $theirs]) {
        expect((string) $ours)->toBe((string) $theirs->simplified());
    }
    [$whole, $rest] = $x->split();
    expect($x->compareTo($y))->toBe($p->compareTo($q))
        ->and($x->floor())->toBe($p->toScale(0, RoundingMode::FLOOR)->toInt())
        ->and($x->ceiling())->toBe($p->toScale(0, RoundingMode::CEILING)->toInt())
        ->and($x->round())->toBe($p->plus('1/2')->toScale(0, RoundingMode::FLOOR)->toInt())
        ->and($x->toScale(3))->toBe((string) $p->toScale(3, RoundingMode::HALF_UP))
        ->and((string) $rest->plus($whole))->toBe((string) $p->abs()->simplified())
        ->and($x->toFloat())->toEqualWithDelta($p->toFloat(), 1e-9 * abs($p->toFloat()));
})->with(function () {
    $numbers = ['1', '-1', '3/7', '-22/7', '0.000001', '25.4', '-0.5', '1.5', '1000000007/3', '9007199254740993/7', '-3037000500/3037000499', '4611686018427387904/3', '1/4611686018427387903', '9223372036854775807', '-9223372036854775807/2', '123456789012345678901/1000'];
    foreach ($numbers as $i => $a) {
        foreach ([1, 5, 9] as $step) {
            $b = $numbers[($i + $step) % count($numbers)];
            if (BigRational::of($a)->abs()->isLessThan('4611686018427387904')) {
                yield "{$a} and {$b}" => [$a, $b];
            }
        }
    }
});

it('does not divide by nothing', fn (Closure $divide) => $divide())
    ->with([
        fn () => Rational::of(1)->dividedBy(0),
        fn () => Rational::nd(1, 0),
        fn () => Rational::zero()->reciprocal(),
    ])->throws(DivisionByZeroException::class);

it('writes a length so that nothing is lost when it is read again', function (Unit $unit, string $length, string $written) {
    $notation = new Notation($unit, $unit->commonRuler());
    expect($notation->exactly(length($length)))->toBe($written)
        ->and((new LengthReader($unit))->read($written)->exact())->toBe(length($length)->exact());
})->with([
    [Unit::Inch, '1.5 in', '1 1/2 in'],
    [Unit::Inch, '11/7 in', '1 4/7 in'],
    // Up to a twelfth a fraction reads better than its decimal, up to a sixty-fourth better than none.
    [Unit::Inch, '1/10 in', '1/10 in'],
    [Unit::Inch, '1/20 in', '0.05 in'],
    [Unit::Inch, '1/63 in', '1/63 in'],
    [Unit::Inch, '1/77 in', '127/385 mm'],
    [Unit::Inch, '20 cm', '200 mm'],
    [Unit::Inch, '294 mm', '294 mm'],
    [Unit::Centimetre, '20 cm', '20 cm'],
    [Unit::Centimetre, '50/3 cm', '16 2/3 cm'],
    [Unit::Centimetre, '8.5 in', '21.59 cm'],
    [Unit::Millimetre, '1/3 in', '8 7/15 mm'],
]);

it('knows the rulers that are marked in a unit', function (Unit $unit, array $rulers) {
    expect(Graduation::commonIn($unit))->toBe($rulers)->and($rulers)->toContain($unit->commonRuler()->name);
})->with([
    [Unit::Inch, ['1/2 in', '1/4 in', '1/8 in', '1/16 in', '1/32 in']],
    [Unit::Centimetre, ['1 mm', '0.5 mm']],
    [Unit::Millimetre, ['1 mm', '0.5 mm']],
]);

it('tells a slope from the left, level and upright apart, and its shorter way for ten of the longer', function (float $run, float $rise, float $degrees, ?float $forTen) {
    $slope = InchLadder\Measure\Slope::of($run, $rise);
    expect($slope->degrees)->toEqualWithDelta($degrees, 1e-4)->and($slope->forSoMuch())->toBe($forTen)
        ->and([$slope->isLevel(), $slope->isUpright()])->toBe([$forTen === null && abs($degrees) < 45, $forTen === null && abs($degrees) > 45]);
})->with([
    'level' => [5.0, 0.0, 0.0, null], 'upright' => [0.0, 5.0, 90.0, null], 'down' => [0.0, -5.0, 90.0, null], 'from the right' => [-5.0, -5.0, 45.0, 10.0], 'half' => [10.0, 5.0, 26.56505117707799, 5.0],
    'nearly level' => [10.0, 0.26186, 1.5000142, null], 'hardly level any more' => [10.0, 0.43661, 2.5000033, 0.4], 'nearly upright' => [0.26186, 10.0, 88.4999858, null],
    // 3-4-5, and the same on end; 8° from upright by the tangent of 8° (0.14054).
    // tan 47° = 1.0723687.
    'just steep' => [1.0, 1.0723687, 47.0, 9.3],
    'steep' => [3.0, 4.0, 53.13010235415598, 7.5], 'steeply down' => [0.140541, -1.0, -82.0, 1.4],
    'falling' => [4.0, -3.0, -36.86989764584402, 7.5], 'nowhere' => [0.0, 0.0, 0.0, null],
]);

it('writes a number as a fraction down to a sixty-fourth, and finer ones as decimals', function (string $number, string $written) {
    expect(InchLadder\Measure\Fractions::mixed(Rational::of($number)))->toBe($written);
})->with([['1/64', '1/64'], ['1/65', '0.0154'], ['129/64', '2 1/64'], ['1/81', '0.0123'], ['-3/2', '−1 1/2'], ['5', '5'], ['441/50', '8.82']]);

it('counts in fractions exactly', function () {
    [$a, $b] = [Rational::of('2/3'), Rational::of('3/4')];
    expect(array_map(strval(...), [$a->plus($b), $a->minus($b), $a->times($b), $a->dividedBy($b)]))->toBe(['17/12', '-1/12', '1/2', '8/9'])
        ->and([$a->compareTo($b), $b->compareTo($a), $a->compareTo(Rational::of('4/6'))])->toBe([-1, 1, 0]);
});

it('writes what is too fine for any fraction to a millionth of a millimetre', function () {
    // Two primes of ten digits below the line: 0.333333308…
    $fine = Rational::of('333333337')->dividedBy(Rational::of('1000000007'))->times(Rational::of('999999937'))->dividedBy(Rational::of('1000000009'));
    expect((new Notation(Unit::Inch, Unit::Inch->commonRuler()))->exactly(Length::mm($fine)))->toBe('0.333333 mm');
});
