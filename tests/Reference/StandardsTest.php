<?php

use InchLadder\Measure\Size;
use InchLadder\Paper\Catalogue;

/*
 * Checks against published standards; each names its own.
 */

it('agrees with ISO 216: each size halves the one before, rounded down to a millimetre', function (string $series) {
    foreach (range(1, 10) as $n) {
        $larger = Catalogue::find($series.($n - 1))->size;
        $size = Catalogue::find($series.$n)->size;
        expect((int) $size->height->exact())->toBe((int) $larger->width->exact())
            ->and((int) $size->width->exact())->toBe(intdiv((int) $larger->height->exact(), 2));
    }
})->with([
    'A' => 'a',
    'B' => 'b',
]);

it('agrees with ISO 216 on the first of each series: one square metre, and one metre wide, at 1 to √2', function () {
    $a0 = Catalogue::find('a0')->size;
    $b0 = Catalogue::find('b0')->size;
    expect($a0->width->toFloat() * $a0->height->toFloat())->toEqualWithDelta(1_000_000, 1_000)
        ->and($a0->height->toFloat() / $a0->width->toFloat())->toEqualWithDelta(M_SQRT2, 0.001)
        ->and($b0->width->exact())->toBe('1000')
        ->and($b0->height->toFloat() / 1000)->toEqualWithDelta(M_SQRT2, 0.0005);
});

it('halves down to the smallest of JIS P 0138 B, rounded down to the millimetre', function (int $number) {
    [$one, $next] = [Catalogue::find("jis-b{$number}")->size, Catalogue::find('jis-b'.($number + 1))->size];
    expect($next->height->toFloat())->toBe($one->width->toFloat())
        ->and($next->width->toFloat())->toBe(floor($one->height->toFloat() / 2));
})->with(range(0, 9));

it('agrees with JIS P 0138: the B series is half as large again in area as the A of the same number', function () {
    foreach (range(0, 6) as $n) {
        $a = Catalogue::find("a{$n}")->size;
        $b = Catalogue::find("jis-b{$n}")->size;
        expect($b->shareOf($a)->toFloat())->toEqualWithDelta(1.5, 0.02);
    }
});

it('agrees with ASME Y14.1 on sheets A to E', function (string $name, string $width, string $height) {
    expect(Catalogue::find("asme-{$name}")->size)->toEqual(Size::inches($width, $height));
})->with([
    ['a', '8.5', '11'],
    ['b', '11', '17'],
    ['c', '17', '22'],
    ['d', '22', '34'],
    ['e', '34', '44'],
]);

it('builds each ASME Y14.1 sheet from two of the one before', function () {
    foreach (['a' => 'b', 'b' => 'c', 'c' => 'd', 'd' => 'e'] as $small => $large) {
        $half = Catalogue::find("asme-{$small}")->size;
        $whole = Catalogue::find("asme-{$large}")->size;
        expect($whole->width->equals($half->height))->toBeTrue()
            ->and($whole->height->equals($half->width->times(2)))->toBeTrue();
    }
});

it('agrees with the sizes ISO 216 tabulates', function (string $name, int $width, int $height) {
    expect(Catalogue::find($name)->size)->toEqual(Size::mm($width, $height))
        ->and(Catalogue::find($name)->source)->toBe('ISO 216');
})->with([
    ['A0', 841, 1189],
    ['A1', 594, 841],
    ['A2', 420, 594],
    ['A3', 297, 420],
    ['A4', 210, 297],
    ['A5', 148, 210],
    ['A6', 105, 148],
    ['A7', 74, 105],
    ['A8', 52, 74],
    ['A9', 37, 52],
    ['A10', 26, 37],
    ['B0', 1000, 1414],
    ['B1', 707, 1000],
    ['B2', 500, 707],
    ['B3', 353, 500],
    ['B4', 250, 353],
    ['B5', 176, 250],
    ['B6', 125, 176],
    ['B7', 88, 125],
    ['B8', 62, 88],
    ['B9', 44, 62],
    ['B10', 31, 44],
]);

it('agrees with the sizes JIS P 0138 tabulates', function (string $name, int $width, int $height) {
    expect(Catalogue::find("jis-{$name}")->size)->toEqual(Size::mm($width, $height));
})->with([
    ['b0', 1030, 1456],
    ['b1', 728, 1030],
    ['b2', 515, 728],
    ['b3', 364, 515],
    ['b4', 257, 364],
    ['b5', 182, 257],
    ['b6', 128, 182],
]);

it('has the sheets of the trade at the sizes they are sold by', function (string $key, string $width, string $height) {
    // Common practice; no published source.
    expect(Catalogue::find($key)->size)->toEqual(Size::inches($width, $height))
        ->and(Catalogue::find($key)->source)->toStartWith('common practice');
})->with([
    ['letter', '8.5', '11'],
    ['legal', '8.5', '14'],
    ['tabloid', '11', '17'],
    ['arch-a', '9', '12'],
    ['arch-b', '12', '18'],
    ['arch-c', '18', '24'],
    ['arch-d', '24', '36'],
    ['arch-e', '36', '48'],
    ['arch-e1', '30', '42'],
    ['artist-9x12', '9', '12'],
    ['artist-11x14', '11', '14'],
    ['artist-14x17', '14', '17'],
    ['artist-18x24', '18', '24'],
    ['artist-22x30', '22', '30'],
    ['print-4x6', '4', '6'],
    ['print-5x7', '5', '7'],
    ['print-8x10', '8', '10'],
]);
