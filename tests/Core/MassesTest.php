<?php

use InchLadder\Masses\CutAtLines;
use InchLadder\Masses\Figures;
use InchLadder\Masses\Locators;
use InchLadder\Masses\Mass;
use InchLadder\Masses\Masses;
use InchLadder\Masses\Outlines;
use InchLadder\Masses\Regions;
use InchLadder\Masses\Straightened;
use InchLadder\Pixels\Contour;
use InchLadder\Pixels\End;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * The big shapes of a picture: found where they are known, told apart from grain, each line between two drawn once.
 */

/** @return array{list<array{float, float, float}>, list<int>} L*, a*, b* and the patch of each place, row by row: each place is of the nearest of so many seeds, each of a colour of its own, with grain over it */
function patchwork(Randomizer $random, int $wide, int $high, int $count, float $grain): array
{
    $seeds = array_map(fn (int $i): array => [$random->getInt(0, 10 * $wide) / 10, $random->getInt(0, 10 * $high) / 10, [15 + 70 * ($i % 5) / 4, -40 + 80 * ($i % 3) / 2, -30 + 20 * ($i % 4)]], range(0, $count - 1));
    $lab = $truth = [];
    for ($y = 0; $y < $high; $y++) {
        for ($x = 0; $x < $wide; $x++) {
            $nearest = array_reduce(array_keys($seeds), fn (?int $best, int $i): int => $best === null || hypot($x + 0.5 - $seeds[$i][0], $y + 0.5 - $seeds[$i][1]) < hypot($x + 0.5 - $seeds[$best][0], $y + 0.5 - $seeds[$best][1]) ? $i : $best);
            $truth[] = $nearest;
            // The sum of twelve evenly spread numbers is as good as normal (from memory).
            $lab[] = array_map(fn (float $channel): float => $channel + $grain * (array_sum(array_map(fn (): float => $random->getInt(0, 1000) / 1000, range(1, 12))) - 6), $seeds[$nearest][2]);
        }
    }

    return [$lab, $truth];
}

/** Even-odd, as a page fills it (SVG 2, 13.4.2). */
function lies(float $x, float $y, Mass $mass): bool
{
    $inside = false;
    foreach ($mass->rings as $ring) {
        for ($i = 1; $i < count($ring); $i++) {
            [[$ax, $ay], [$bx, $by]] = [$ring[$i - 1], $ring[$i]];
            if (($ay > $y) !== ($by > $y) && $x < $ax + ($y - $ay) / ($by - $ay) * ($bx - $ax)) {
                $inside = ! $inside;
            }
        }
    }

    return $inside;
}

it('finds the patches of a patchwork through its grain, and no others', function (int $seed, int $count, float $grain) {
    $random = new Randomizer(new Mt19937($seed));
    [$lab, $truth] = patchwork($random, 90, 70, $count, $grain);
    $regions = Regions::of(90, 70, $lab, $count);
    $votes = [];
    foreach ($regions->labels as $i => $label) {
        $votes[$label][$truth[$i]] = ($votes[$label][$truth[$i]] ?? 0) + 1;
    }
    $right = array_sum(array_map(max(...), $votes));
    expect(count($regions->parts))->toBe($count)->and($right / count($truth))->toBeGreaterThan(0.985);
    // The means are those of the samples.
    foreach ($regions->parts as $part => [$l, , , $samples]) {
        $own = array_keys($regions->labels, $part, true);
        expect($samples)->toBe(count($own))->and($l)->toEqualWithDelta(array_sum(array_map(fn (int $i): float => $lab[$i][0], $own)) / count($own), 1e-6);
    }
})->with([[1, 3, 0.0], [2, 5, 2.0], [3, 7, 4.0], [4, 9, 4.0]]);

it('makes a few masses of whole ones of some more, and one of all', function () {
    [$lab, $truth] = patchwork(new Randomizer(new Mt19937(7)), 60, 60, 9, 3.0);
    $before = Regions::of(60, 60, $lab, 9);
    foreach ([8, 5, 3, 1] as $most) {
        $fewer = Regions::of(60, 60, $lab, $most);
        $into = [];
        foreach ($before->labels as $i => $label) {
            $into[$label][$fewer->labels[$i]] = true;
        }
        expect(count($fewer->parts))->toBe($most)->and(array_unique(array_map(count(...), $into)))->toBe([1]);
        $before = $fewer;
    }
});

it('joins those that cost least for each length of outline, worked by hand', function () {
    // Four upright bands of 40 × 80, flat: L* 20, 40, 54, 90. To join two of 3200 samples with 80 of outline costs
    // 3200 · 3200 / 6400 · d² / 80 = 20 d²: 8000, 3920, 25920. So 40 joins 54, to 47; then 20 and those cost
    // 3200 · 6400 / 9600 · 27² / 80 = 19440, those and 90 49307.
    $bands = fn (int $most): array => array_column(Regions::of(160, 80, array_map(fn (int $i): array => [[20.0, 40.0, 54.0, 90.0][intdiv($i % 160, 40)], 0.0, 0.0], range(0, 160 * 80 - 1)), $most)->parts, 0);
    expect($bands(4))->toBe([20.0, 40.0, 54.0, 90.0])->and($bands(3))->toBe([20.0, 47.0, 90.0])->and($bands(2))->toBe([38.0, 90.0]);
});

it('leaves no place of a line further off than allowed, and none that could go', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $places = [[0, 0]];
    while (count($places) < 120) {
        [$x, $y] = $places[count($places) - 1];
        $places[] = $random->getInt(0, 1) ? [$x + 1, $y] : [$x, $y + $random->getInt(0, 1) * 2 - 1];
    }
    if ($seed % 3 === 0) {
        $places[] = $places[0];
    }
    // How far a place is from a segment, by its height over it as a base: twice the area by the base (Euclid, Elements, I 41).
    $away = function (array $p, array $a, array $b): float {
        [$base, $pa, $pb] = [hypot($b[0] - $a[0], $b[1] - $a[1]), hypot($p[0] - $a[0], $p[1] - $a[1]), hypot($p[0] - $b[0], $p[1] - $b[1])];
        if ($base < 1e-12 || $pa ** 2 > $pb ** 2 + $base ** 2 || $pb ** 2 > $pa ** 2 + $base ** 2) {
            return min($pa, $pb);
        }

        return abs(($b[0] - $a[0]) * ($p[1] - $a[1]) - ($b[1] - $a[1]) * ($p[0] - $a[0])) / $base;
    };
    $before = PHP_INT_MAX;
    foreach ([0.0, 0.7, 1.5, 4.0, 30.0] as $off) {
        $few = Straightened::of($places, $off);
        $worst = max(array_map(fn (array $place): float => min(array_map(fn (int $i): float => $away($place, $few[$i - 1], $few[$i]), range(1, count($few) - 1))), $places));
        expect($worst)->toBeLessThan($off + 1e-9)->and(count($few))->toBeLessThanOrEqual($before)->and(array_udiff($few, $places, fn (array $a, array $b): int => $a <=> $b))->toBe([]);
        $before = count($few);
    }
    expect($before)->toBeLessThan(12);
})->with(range(1, 9));

it('bounds every part by lines that close, each between two parts and told once', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    // Blots of any shape: parts that touch at a corner alone, lie in one another, or reach the edge.
    $labels = array_map(fn (): int => $random->getInt(0, 2), range(1, 12 * 9));
    $outlines = Outlines::of(12, 9, $labels);
    $at = fn (int $x, int $y): int => $x < 0 || $y < 0 || $x > 11 || $y > 8 ? Outlines::OUTSIDE : $labels[$y * 12 + $x];
    $told = [];
    foreach ($outlines->all as ['left' => $left, 'right' => $right, 'places' => $places]) {
        for ($i = 1; $i < count($places); $i++) {
            [[$ax, $ay], [$bx, $by]] = [$places[$i - 1], $places[$i]];
            [$x, $y] = [min($ax, $bx), min($ay, $by)];
            $sides = $ax === $bx ? [$at($x, $y), $at($x - 1, $y)] : [$at($x, $y - 1), $at($x, $y)];
            expect($bx > $ax || $by > $ay ? $sides : array_reverse($sides))->toBe([$left, $right]);
            $told[] = "{$x} {$y} ".($ax === $bx ? 'down' : 'across');
        }
    }
    $between = 0;
    foreach (range(0, 9) as $y) {
        foreach (range(0, 12) as $x) {
            $between += (int) ($at($x, $y - 1) !== $at($x, $y)) + (int) ($at($x - 1, $y) !== $at($x, $y));
        }
    }
    expect(count($told))->toBe($between)->and(count(array_unique($told)))->toBe($between);
})->with(range(1, 8));

it('gives each mass its shape back, whatever lies in it, and leaves nothing between two when they are straightened', function (int $seed, float $straight) {
    $random = new Randomizer(new Mt19937($seed));
    [$lab, $truth] = patchwork($random, 80, 60, 6, 1.0);
    // One lies wholly in another.
    foreach ($lab as $i => $colour) {
        if (hypot($i % 80 - 40, intdiv($i, 80) - 30) < 7) {
            $lab[$i] = [99.0, 60.0, 60.0];
        }
    }
    $regions = Regions::of(80, 60, $lab, 7);
    $masses = Masses::of($regions, $straight);
    expect(array_sum(array_map(fn (Mass $mass): float => $mass->share, $masses->all)))->toEqualWithDelta(1.0, 1e-9);
    $colours = array_map(fn (array $part): array => [$part[0], $part[1], $part[2]], $regions->parts);
    $covered = $strays = 0;
    foreach ($regions->labels as $i => $label) {
        [$x, $y] = [($i % 80 + 0.5003) / 80, (intdiv($i, 80) + 0.5007) / 60];
        $over = array_values(array_filter($masses->all, fn (Mass $mass): bool => lies($x, $y, $mass)));
        $covered += (int) (count($over) === 1);
        $strays += (int) (($over[0]->colour ?? null) !== $colours[$label]);
    }
    // Two outlines that are straightened may cross by a hair where they run close together.
    expect($covered / count($truth))->toBeGreaterThan(0.995)->and($strays / count($truth))->toBeLessThan($straight === 0.0 ? 0.02 : 0.08);
})->with([[1, 0.0], [2, 0.0], [3, 0.02], [4, 0.05]]);

it('draws a roof in three segments and a wall in four, each corner where it is', function () {
    // A triangle on a ground, the corners of a square beside it.
    $inside = fn (float $x, float $y): int => match (true) {
        $y < 80 && $y > 20 && abs($x - 60) < ($y - 20) * 0.8 => 1,
        $x > 130 && $x < 180 && $y > 30 && $y < 90 => 2,
        default => 0,
    };
    $lab = array_map(fn (int $i): array => [[90.0, 30.0, 55.0][$inside($i % 200 + 0.5, intdiv($i, 200) + 0.5)], 0.0, 0.0], range(0, 200 * 120 - 1));
    $masses = Masses::of(Regions::of(200, 120, $lab, 3), 0.012);
    $corners = array_map(function (array $line): array {
        $corners = array_map(fn (array $place): array => [round($place[0] * 200), round($place[1] * 120)], array_slice($line, 1));
        sort($corners);

        return $corners;
    }, $masses->outlines);
    usort($corners, fn (array $a, array $b): int => count($a) <=> count($b));
    foreach ([[[12, 80], [60, 20], [108, 80]], [[130, 30], [130, 90], [180, 30], [180, 90]]] as $i => $expected) {
        expect($corners[$i])->toHaveCount(count($expected));
        foreach ($expected as $j => $corner) {
            expect(hypot($corners[$i][$j][0] - $corner[0], $corners[$i][$j][1] - $corner[1]))->toBeLessThan(2.3);
        }
    }
});

it('keeps as locators the long, strong lines well inside, not those that double an outline or leave the crop', function () {
    $lab = array_map(fn (int $i): array => [$i % 100 < 50 ? 30.0 : 80.0, 0.0, 0.0], range(0, 100 * 80 - 1));
    $regions = Regions::of(100, 80, $lab, 2);
    $line = fn (array $from, array $to, float $step): Contour => new Contour(
        array_map(fn (int $i): float => $from[0] + $i / 40 * ($to[0] - $from[0]), range(0, 40)), array_map(fn (int $i): float => $from[1] + $i / 40 * ($to[1] - $from[1]), range(0, 40)), [$step, 0.0, 0.0], 1.0, 5.0, End::Fades, End::Fades,
    );
    $contours = [
        $line([0.51, 0.1], [0.505, 0.9], 50),       // the outline itself
        $line([0.7, 0.2], [0.7, 0.8], 20),
        $line([0.2, 0.3], [0.3, 0.3], 60),
        $line([0.8, 0.5], [0.82, 0.5], 90),         // short
        $line([0.1, 0.6], [0.45, 0.6], 30),
        $line([1.2, 0.6], [1.9, 0.6], 90),          // beyond the crop
    ];
    $found = Locators::among($contours, [1, 0, 0, 0, 1, 0], $regions, 3, 0.012);
    expect(array_map(fn (array $places): array => [round($places[0][0], 2), round($places[0][1], 2), count($places)], $found))->toBe([[0.1, 0.6, 2], [0.7, 0.2, 2], [0.2, 0.3, 2]])
        ->and(Locators::among($contours, [1, 0, 0, 0, 1, 0], $regions, 1, 0.012))->toHaveCount(1)
        ->and(Figures::CLEAR)->toBeLessThan(Figures::LOCATES);
});

it('crosses every gridline where the picture does, however straight the way between them is', function (float $straight) {
    // A disc of radius 60 about (100, 80): it crosses an upright line x away from its middle √(60² − x²) above and below.
    $lab = array_map(fn (int $i): array => [hypot($i % 200 + 0.5 - 100, intdiv($i, 200) + 0.5 - 80) < 60 ? 20.0 : 80.0, 0.0, 0.0], range(0, 200 * 160 - 1));
    $outline = Masses::of(Regions::of(200, 160, $lab, 2), $straight, [0, 0.25, 0.5, 0.75, 1], [0, 0.5, 1])->outlines[0];
    $on = fn (int $axis, float $line): array => array_values(array_filter($outline, fn (array $place): bool => abs($place[$axis] - $line) < 1e-9));
    foreach ([[0.25, 50.0], [0.5, 0.0], [0.75, 50.0]] as [$column, $off]) {
        $rows = array_map(fn (array $place): float => 160 * $place[1], $on(0, $column));
        expect(min($rows))->toEqualWithDelta(80 - sqrt(3600 - $off ** 2), 1.5)->and(max($rows))->toEqualWithDelta(80 + sqrt(3600 - $off ** 2), 1.5);
    }
    $columns = array_map(fn (array $place): float => 200 * $place[0], $on(1, 0.5));
    expect(min($columns))->toEqualWithDelta(40, 1.5)->and(max($columns))->toEqualWithDelta(160, 1.5);
})->with([0.0, 0.02, 0.05, 0.3]);

it('cuts a line at the lines it crosses, in order, and loses nothing of it', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $places = array_map(fn (): array => [$random->getInt(0, 1000) / 10, $random->getInt(0, 1000) / 10], range(1, 12));
    [$columns, $rows] = [[0.0, 25.05, 50.05, 75.05], [33.33, 66.66]];
    $parts = CutAtLines::of($places, $columns, $rows);
    $crossings = 0;
    foreach (array_slice($places, 1) as $i => $to) {
        foreach ([$columns, $rows] as $axis => $lines) {
            $crossings += count(array_filter($lines, fn (float $line): bool => ($places[$i][$axis] < $line) !== ($to[$axis] < $line)));
        }
    }
    expect(count($parts))->toBe($crossings + 1);
    $joined = array_merge($parts[0], ...array_map(fn (array $part): array => array_slice($part, 1), array_slice($parts, 1)));
    expect(array_values(array_filter($joined, fn (array $place): bool => in_array($place, $places, true))))->toBe($places)
        ->and(Contour::along(array_column($joined, 0), array_column($joined, 1)))->toEqualWithDelta(Contour::along(array_column($places, 0), array_column($places, 1)), 1e-6);
})->with(range(1, 5));
