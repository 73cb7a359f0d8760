<?php

use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\LengthUnreadable;
use InchLadder\Measure\Rational;
use InchLadder\Measure\TypedLength;
use InchLadder\Measure\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * Some thousand ways of writing a length, made from their parts, so that what is typed, kept
 * and read again is always the same length, whatever unit the drawing is in by then.
 */

/** @return \Generator<array{string, string, ?string}> as typed, the number as a fraction, the unit's word or null */
function waysOfWriting(int $seed, int $count): Generator
{
    $random = new Randomizer(new Mt19937($seed));
    $pick = static fn (array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
    $glyphs = ['½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅗' => '3/5', '⅘' => '4/5', '⅚' => '5/6', '⅐' => '1/7', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅒' => '1/10'];
    $units = [
        'in' => ['in', 'In', 'in.', 'ins', 'ins.', 'inch', 'inches', '"', '″', '”', "''"],
        'ft' => ['ft', 'ft.', 'feet', 'foot', "'", '′', '’'],
        'cm' => ['cm', 'CM', 'cm.', 'cms', 'centimetres', 'centimeters'],
        'mm' => ['mm', 'mm.', 'MM', 'millimetres', 'millimeter'],
        'm' => ['m', 'm.', 'metres', 'meter'],
    ];
    for ($i = 0; $i < $count; $i++) {
        $whole = $random->getInt(0, 400);
        $bottom = $random->getInt(2, 64);
        $top = $random->getInt(1, $bottom - 1);
        $digits = str_pad((string) $random->getInt(0, 99), 2, '0', STR_PAD_LEFT);
        $glyph = $pick(array_keys($glyphs));
        [$number, $value] = $pick([
            [(string) $whole, (string) $whole],
            ["{$whole}.{$digits}", "{$whole}{$digits}/100"],
            ["{$whole},{$digits}", "{$whole}{$digits}/100"],
            [".{$digits}", "{$digits}/100"],
            ["{$whole} {$top}/{$bottom}", (string) Rational::nd($top, $bottom)->plus($whole)],
            ["{$whole}-{$top}⁄{$bottom}", (string) Rational::nd($top, $bottom)->plus($whole)],
            ["{$top}/{$bottom}", "{$top}/{$bottom}"],
            ["{$whole}{$glyph}", (string) Rational::of($glyphs[$glyph])->plus($whole)],
            ["{$whole} {$glyph}", (string) Rational::of($glyphs[$glyph])->plus($whole)],
            [$glyph, $glyphs[$glyph]],
        ]);
        $unit = $pick([null, ...array_keys($units)]);
        $word = $unit === null ? '' : $pick($units[$unit]);
        yield [$pick(['', ' ']).$number.($unit === null ? '' : $pick(['', ' ', "\u{a0}"])).$word.$pick(['', ' ']), $value, $unit];
    }
}

/** What one of each unit is, written out again here: BIPM SI Brochure, 9th ed., and the international inch of 1959. */
const MILLIMETRES = ['in' => '127/5', 'ft' => '1524/5', 'cm' => '10', 'mm' => '1', 'm' => '1000'];

it('reads, keeps and reads again the same length', function (int $seed) {
    $units = Unit::cases();
    foreach (waysOfWriting($seed, 1000) as $i => [$written, $number, $said]) {
        $bare = $units[$i % 3];
        $typed = (new LengthReader($bare))->typed($written);
        $meant = Rational::of($number)->times(Rational::of(MILLIMETRES[$said ?? $bare->value]));
        $kept = $typed->canonical($bare);
        expect((string) $typed->length->mm)->toBe((string) $meant, $written)
            ->and($typed->said === null)->toBe($said === null, $written);
        foreach ($units as $later) {
            $again = (new LengthReader($later))->typed($kept);
            expect((string) $again->length->mm)->toBe((string) $meant, "{$written} kept as {$kept}, read in {$later->value}")
                ->and($again->canonical($later))->toBe($kept);
        }
    }
})->with([1, 2, 3, 4]);

it('reads a size with its unit said twice, once, or not at all', function (int $seed) {
    $sides = iterator_to_array(waysOfWriting($seed, 600), false);
    foreach (array_chunk($sides, 2) as [[$a, $wide, $first], [$b, $high, $second]]) {
        // A foot's mark before a bare number is feet and inches by rights.
        $written = trim($a).' x '.trim($b);
        $size = (new LengthReader(Unit::Centimetre))->readSize($written);
        $unit = static fn (?string $own, ?string $fellow): Rational => Rational::of(MILLIMETRES[$own ?? $fellow ?? 'cm']);
        expect((string) $size->width->mm)->toBe((string) Rational::of($wide)->times($unit($first, $second)), $written)
            ->and((string) $size->height->mm)->toBe((string) Rational::of($high)->times($unit($second, $first)), $written);
    }
})->with([5, 6]);

it('reads sizes as they are said', function (string $written, string $width, string $height) {
    $size = (new LengthReader(Unit::Centimetre))->readSize($written);
    expect($size->width)->toBeLength($width)->and($size->height)->toBeLength($height);
})->with([
    ['2x3ft', '24 in', '36 in'],
    ['5x7ins', '5 in', '7 in'],
    ['8.5 × 11″', '8.5 in', '11 in'],
    ['5in x 7', '5 in', '7 in'],
    ['3½ by 5 inches', '3 1/2 in', '5 in'],
    ['2\' 6" x 3\' 4"', '30 in', '40 in'],
    ['1.5 x 2 m', '150 cm', '200 cm'],
    ['18x24', '18 cm', '24 cm'],
    ['１８×２４mm', '18 mm', '24 mm'],
]);

it('asks where a comma could part thousands or decimals, and nowhere else', function (string $written, ?string $read) {
    $reader = new LengthReader(Unit::Millimetre);
    $read === null
        ? expect(fn () => $reader->read($written))->toBeRefused(LengthUnreadable::class, 'can be read two ways')
        : expect($reader->read($written))->toBeLength($read);
})->with([
    ['1,200 mm', null], ['1,200', null], ['12,125 in', null], ['999,999 mm', null],
    ['0,125 in', '0.125 in'], ['1200,125 mm', '1200.125 mm'], ['1,2 mm', '1.2 mm'], ['1,25 cm', '1.25 cm'], ['1,2345 cm', '1.2345 cm'],
    ['1,200.5 mm', '1200.5 mm'], ['1,000,000 mm', '1000000 mm'], ['1.200,5 mm', '1200.5 mm'], ['1.200 mm', '1.2 mm'],
]);

it('names both readings it could have had', function () {
    expect(fn () => (new LengthReader(Unit::Inch))->read('1,200 mm'))->toBeRefused(LengthUnreadable::class, '“1,200 mm” can be read two ways. Write 1200 mm or 1.200 mm.')
        ->and(fn () => (new LengthReader(Unit::Inch))->readSize('2 x 3\' 6"'))->toBeRefused(LengthUnreadable::class, 'one side only');
});

it('takes a kilometre, and nothing longer', function (string $longest, string $longer) {
    expect((new LengthReader(Unit::Inch))->read($longest)->toFloat())->toBeGreaterThan(999_000.0)
        ->and(fn () => (new LengthReader(Unit::Inch))->read($longer))->toBeRefused(LengthUnreadable::class, 'longer than a kilometre');
})->with([['1000 m', '1000.001 m'], ['1000000 mm', '1000000 1/1000 mm'], ['39370 in', '39371 in'], ["3280' 10\"", "3280' 11\""], ['999.999 m', '99999999999999999 m']]);

it('spells any length so that it can be read again', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    for ($i = 0; $i < 1000; $i++) {
        $length = Length::mm(Rational::nd($random->getInt(1, 10 ** 6), $random->getInt(1, 10 ** $random->getInt(0, 6))));
        $unit = Unit::cases()[$i % 3];
        $kept = TypedLength::write($length, $unit);
        expect((new LengthReader($unit))->read($kept)->exact())->toBe($length->exact(), $kept);
    }
    // Finer than any digits kept: the nearest millionth of a millimetre, and from then on itself.
    $fine = TypedLength::write(Length::mm('1/3')->dividedBy('1000000000000000000000'), Unit::Inch);
    expect((new LengthReader(Unit::Inch))->typed($fine)->canonical(Unit::Inch))->toBe($fine);
})->with([7, 8]);
