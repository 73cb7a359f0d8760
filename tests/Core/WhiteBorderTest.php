<?php

use InchLadder\Measure\Rational;
use InchLadder\Photo\WhiteBorder;
use InchLadder\Pixels\Field;

/** A picture of 100 × 120 samples. @param  Closure(int, int): (int|float)  $lightness */
function edgesOf(Closure $lightness): Field
{
    $samples = [];
    for ($y = 0; $y < 120; $y++) {
        for ($x = 0; $x < 100; $x++) {
            $samples[] = $lightness($x, $y);
        }
    }

    return new Field(100, 120, $samples);
}

/** Grey with white from the sides inwards. @return Closure(int, int): int */
function bordered(int $top, int $right, int $bottom, int $left, int $white = 96, int $grey = 60): Closure
{
    return fn (int $x, int $y): int => $x < $left || $x >= 100 - $right || $y < $top || $y >= 120 - $bottom ? $white : $grey;
}

it('finds white on the sides that have it, one sample farther in than it goes', function (Closure $lightness, ?array $depths) {
    $found = WhiteBorder::in(edgesOf($lightness));
    $shares = $found === null ? null : array_map(fn (Rational $side): string => (string) $side, [$found->top, $found->right, $found->bottom, $found->left]);
    expect($shares)->toBe($depths === null ? null : array_map(
        fn (int $depth, int $of): string => (string) Rational::nd($depth === 0 ? 0 : $depth + 1, $of),
        $depths,
        [120, 100, 120, 100],
    ));
})->with([
    'all sides' => [bordered(6, 5, 24, 8), [6, 5, 24, 8]],
    'two sides' => [bordered(0, 5, 9, 0), [0, 5, 9, 0]],
    'one side' => [bordered(12, 0, 0, 0), null],
    'the whitest grey that is none' => [bordered(6, 5, 6, 5, white: 90), null],
    'the darkest white' => [bordered(6, 5, 6, 5, white: 91), [6, 5, 6, 5]],
    // 1.2 % of 120 is 1.44 and of 100 is 1.2: one row is an edge, two are a border.
    'a hair' => [bordered(1, 1, 1, 1), null],
    'narrow' => [bordered(2, 2, 2, 2), [2, 2, 2, 2]],
    // 30 % of 120 is 36.
    'as broad as can be' => [bordered(36, 5, 5, 5), [36, 5, 5, 5]],
    'broader' => [bordered(37, 5, 5, 5), null],
    'white throughout' => [fn (): int => 96, null],
    'no white' => [fn (): int => 60, null],
    // Two of 100 samples of a row may be dust, three may not.
    'dust' => [fn (int $x, int $y): int => $y === 2 && $x < 2 ? 20 : bordered(6, 5, 6, 5)($x, $y), [6, 5, 6, 5]],
    'more than dust' => [fn (int $x, int $y): int => $y === 0 && $x < 3 ? 20 : bordered(6, 5, 6, 5)($x, $y), null],
    // White that ends within three rows is a print a little crooked; one that goes on is the picture's own.
    'crooked' => [fn (int $x, int $y): int => bordered(6 + intdiv($x, 34), 5, 6, 5)($x, $y), [6, 5, 6, 5]],
    'a pale sky under it' => [fn (int $x, int $y): int => $y < 40 && $x < 60 ? 96 : bordered(6, 5, 6, 5)($x, $y), null],
]);
