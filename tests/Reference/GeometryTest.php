<?php

use InchLadder\Fit\Frame;
use InchLadder\Fit\Scale;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Measure\Rational;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Photo\Reference;

/*
 * The fits found by another, slower way: search instead of a formula.
 */

/** @return list<array{string, string}> photo and usable paper */
function pairs(): array
{
    $photos = ['5x7in', '6x4in', '10x10cm', '35x24mm', '9x2in'];
    $papers = ['8.5x11in', '297x210mm', '12x12in', '22x30in'];

    return array_merge(...array_map(fn (string $photo) => array_map(fn (string $paper) => [$photo, $paper], $papers), $photos));
}

it('insets as large as a search by halving finds', function (string $photo, string $paper) {
    [$p, $s] = [size($photo), size($paper)];
    [$low, $high] = [0.0, 1e4];
    for ($i = 0; $i < 80; $i++) {
        $try = ($low + $high) / 2;
        $fits = $p->width->toFloat() * $try <= $s->width->toFloat() && $p->height->toFloat() * $try <= $s->height->toFloat();
        [$low, $high] = $fits ? [$try, $high] : [$low, $try];
    }
    $area = (new Inset(Rational::one()))->onto(Reference::printed($p), $s)->area;
    expect($area->width->toFloat())->toEqualWithDelta($p->width->toFloat() * $low, 1e-6)
        ->and($area->height->toFloat())->toEqualWithDelta($p->height->toFloat() * $low, 1e-6);
})->with(pairs());

it('crops as much as a walk over every width finds', function (string $photo, string $paper) {
    [$p, $s] = [size($photo), size($paper)];
    $ratio = $s->width->toFloat() / $s->height->toFloat();
    $best = 0.0;
    for ($share = 1; $share <= 20000; $share++) {
        $width = $p->width->toFloat() * $share / 20000;
        if ($width / $ratio <= $p->height->toFloat() + 1e-9) {
            $best = max($best, $width * $width / $ratio);
        }
    }
    $kept = 1 - (new CropToPaper(Frame::centred()))->onto(Reference::printed($p), $s)->crop->trimmed()->toFloat();
    expect($kept)->toEqualWithDelta($best / ($p->width->toFloat() * $p->height->toFloat()), 2e-4);
})->with(pairs());

it('counts as many whole cells as laying them one by one does', function (string $cell, string $paper) {
    $lay = function (float $side, float $cell): int {
        for ($n = 0; ($n + 1) * $cell <= $side + 1e-9; $n++);

        return $n;
    };
    $cells = (new WholeCells(length($cell), Frame::centred()))->onto(Reference::onScreen(300, 400), size($paper))->cells;
    expect([$cells?->columns, $cells?->rows])->toBe([$lay(size($paper)->width->toFloat(), length($cell)->toFloat()), $lay(size($paper)->height->toFloat(), length($cell)->toFloat())]);
})->with(['1 in', '1 1/3 in', '42 mm', '5 cm', '0.7 in'])->with([
    '8.5x11in',
    '294x420mm',
    '7x7in',
]);

it('bends a slope as moving its two ends does', function (string $photo, string $paper, float $degrees) {
    [$p, $s] = [size($photo), size($paper)];
    $x = 1.0;
    $y = tan(deg2rad($degrees));
    $moved = rad2deg(atan2($y * $s->height->toFloat() / $p->height->toFloat(), $x * $s->width->toFloat() / $p->width->toFloat()));
    expect(Scale::between($p, $s)->slope($degrees))->toEqualWithDelta($moved, 1e-9);
})->with([['10x10in', '18x24in'], ['8x10in', '9x11in'], ['5x7in', '11x8.5in']])->with([
    -75.0,
    -20.0,
    0.0,
    5.0,
    45.0,
    89.0,
]);

it('advises the way round that leaves the least paper empty, tried both ways', function (string $photo, string $paper) {
    $waste = function (float $w, float $h) use ($photo): float {
        $scale = min($w / size($photo)->width->toFloat(), $h / size($photo)->height->toFloat());

        return 1 - $scale ** 2 * size($photo)->width->toFloat() * size($photo)->height->toFloat() / ($w * $h);
    };
    [$a, $b] = [size($paper)->width->toFloat(), size($paper)->height->toFloat()];
    $upright = $waste(min($a, $b), max($a, $b));
    $sideways = $waste(max($a, $b), min($a, $b));
    $advice = OrientationAdvice::for(size($photo)->ratio(), size($paper));
    expect($advice->wastedUpright->toFloat())->toEqualWithDelta($upright, 1e-9)
        ->and($advice->wastedSideways->toFloat())->toEqualWithDelta($sideways, 1e-9)
        ->and($advice->upright)->toBe(abs($upright - $sideways) < 1e-9 ? null : $upright < $sideways);
})->with(pairs());
