<?php

use Tests\Accuracy;
use Tests\Scene;

/*
 * What is told of a photo against what is known to be in it: a smaller cut of the accuracy run (bin/bench accuracy),
 * with the same goals. Each goes through a file that is taken in as any photo is.
 */

it('places crossings to a quarter of a pixel, misses none and makes up none', function (int $wide, int $high, int $contrast, float $noise, array $choices = []) {
    [$scene, $shapes] = Accuracy::shapes($wide, $high, $contrast, $wide + $contrast);
    $found = (new Accuracy($scene->save($noise, 95), 14, $choices))->crossings($shapes);
    expect($found['count'])->toBeGreaterThan(60)->and($found['median'])->toBeLessThan(0.25)
        ->and(1 - $found['missed'] / $found['count'])->toBeGreaterThan(0.97)->and(1 - $found['false'] / $found['told'])->toBeGreaterThan(0.95);
})->with(few(2, [
    'a small photo, faint and noisy' => [1200, 833, 20, 4],
    'a middling one' => [2001, 1335, 60, 2],
    'a large one, faint and noisy' => [3400, 2200, 20, 4],
]));

it('reads the picture’s own edge where it is', function () {
    $off = Accuracy::overEdge(1200, 900);
    expect(count($off))->toBeGreaterThan(18)->and($off[intdiv(count($off), 2)])->toBeLessThan(0.25)->and(max($off))->toBeLessThan(1.0);
});

it('finds edges of colour alone', function () {
    [$count, $missed] = Accuracy::coloursAlone(isLong() ? 6 : 4);
    expect($count)->toBeGreaterThan(isLong() ? 40 : 26)->and(1 - $missed / $count)->toBeGreaterThan(0.97);
});

it('tells a straight stroke as one straight line, with its slope and width, at any angle', function (float $share) {
    foreach (few(2, [51, 99, 3, 147]) as $degrees) {
        $runs = Accuracy::stroke($share, $degrees);
        expect(count($runs))->toBeGreaterThan(2);
        foreach ($runs as [$off, $isStraight, $width]) {
            expect($off)->toBeLessThan(0.5)->and($isStraight)->toBeTrue()->and($width)->toEqualWithDelta(15 * $share, 0.15);
        }
    }
})->with(['1 %' => 0.01, '4 %' => 0.04, '12 %' => 0.12]);

it('calls plain cells blank, however noisy, and none that is busy', function (float $noise) {
    $scene = new Scene(800, 600, [128, 120, 110]);
    mt_srand(3);
    // Gravel over the lower half: no contour in it, but anything but blank.
    for ($i = 0; $i < 1300; $i++) {
        $level = mt_rand(70, 180);
        $scene->square(mt_rand(0, 800), mt_rand(310, 600), mt_rand(6, 14), mt_rand(0, 89), [$level, $level, $level]);
    }
    $told = new Accuracy($scene->save($noise, 95), 12);
    [$columns, $blank] = [12, array_flip($told->grid->blank())];
    $plain = $busy = 0;
    for ($cell = 0; $cell < $columns * 9; $cell++) {
        intdiv($cell, $columns) < 4 ? $plain += isset($blank[$cell]) ? 1 : 0 : (intdiv($cell, $columns) > 4 ? $busy += isset($blank[$cell]) ? 1 : 0 : null);
    }
    expect($plain / (4 * $columns))->toBeGreaterThanOrEqual(0.95)->and($busy)->toBe(0);
})->with([0, 8]);

it('makes up nothing on a plain picture, however noisy', function (float $noise) {
    $told = new Accuracy((new Scene(800, 600, [128, 120, 110]))->save($noise, 95), 14);
    $sides = 14 * count($told->grid->rows) + (count($told->grid->rows) - 1) * 15;
    expect(array_sum(array_map(count(...), $told->told())) / $sides)->toBeLessThanOrEqual(0.01);
})->with([0, 2, 8]);
