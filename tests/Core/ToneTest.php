<?php

use App\Wording\Phrases;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Schools\MainLines;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Layout\Span;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Photo\Reference;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\Lab;
use InchLadder\Tone\Areas;
use InchLadder\Tone\Bar;
use InchLadder\Tone\CellStrokes;
use InchLadder\Tone\Greys;
use InchLadder\Tone\LaidTones;
use InchLadder\Tone\PaperLight;
use InchLadder\Tone\Spot;
use InchLadder\Tone\Spots;
use InchLadder\Tone\StepsOutOfRange;
use InchLadder\Tone\Strokes;
use InchLadder\Tone\Swatch;
use InchLadder\Tone\Threshold;
use InchLadder\Tone\ValueScale;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/**
 * A picture of 48 × 48 samples.
 *
 * @param  Closure(int, int): (int|float)  $lightness
 */
function toned(Closure $lightness): Field
{
    $values = [];
    foreach (range(0, 47) as $y) {
        foreach (range(0, 47) as $x) {
            $values[] = $lightness($x, $y);
        }
    }

    return new Field(48, 48, $values);
}

it('numbers the boxes of a bar as it counts them, the lightest first', function (int $steps, bool $paperCounts, float $paper, array $boxes) {
    $bar = Bar::of($steps, $paperCounts, $paper);
    expect(array_map(fn (Swatch $box): array => [$box->number, round($box->lightness, 1), $box->isPaper], $bar->boxes))->toBe($boxes);
})->with([
    'five, white paper is the first' => [5, true, 100.0, [[1, 100.0, true], [2, 80.0, false], [3, 60.0, false], [4, 40.0, false], [5, 20.0, false]]],
    'four drawn, the paper beyond them' => [4, false, 100.0, [[1, 80.0, false], [2, 60.0, false], [3, 40.0, false], [4, 20.0, false]]],
    'two' => [2, true, 95.0, [[1, 95.0, true], [2, 20.0, false]]],
    'grey paper: less room' => [3, true, 70.0, [[1, 70.0, true], [2, 45.0, false], [3, 20.0, false]]],
    'dark paper is the dark end' => [3, true, 20.0, [[1, 92.0, false], [2, 56.0, false], [3, 20.0, true]]],
    'dark paper, not counted' => [3, false, 20.0, [[1, 92.0, false], [2, 68.0, false], [3, 44.0, false]]],
]);

it('numbers them from 0 where it is told so, and lays the same', function (int $steps, bool $counts, float $paper) {
    [$from1, $from0] = [Bar::of($steps, $counts, $paper), Bar::of($steps, $counts, $paper, first: 0)];
    expect([$from1->first(), $from0->first()])->toBe([1, 0])->and(array_column($from0->boxes, 'number'))->toBe(range(0, $steps - 1));
    foreach ($from0->boxes as $i => $box) {
        expect([$box->lightness, $box->isPaper])->toBe([$from1->boxes[$i]->lightness, $from1->boxes[$i]->isPaper]);
    }
})->with([2, 7, 10])->with([true, false])->with([100.0, 20.0]);

it('has as many boxes as steps, each darker than the one before, whatever the paper', function (float $paper, bool $counts) {
    foreach (range(ValueScale::LEAST, ValueScale::MOST) as $steps) {
        $bar = Bar::of($steps, $counts, $paper);
        $lightness = array_column($bar->boxes, 'lightness');
        $sorted = $lightness;
        rsort($sorted);
        expect($lightness)->toBe($sorted)->and(array_column($bar->boxes, 'number'))->toBe(range(1, $steps))->and(array_unique($lightness))->toHaveCount($steps)
            ->and(count(array_filter($bar->boxes, fn (Swatch $box): bool => $box->isPaper)))->toBe($counts ? 1 : 0);
    }
})->with([100.0, 70.0, 51.0, 49.0, 10.0])->with([true, false]);

it('refuses steps that cannot be told apart', function (int $steps) {
    expect(fn () => ValueScale::of($steps, 90, 10))->toBeRefused(StepsOutOfRange::class, 'Choose 2 to 10')->and(fn () => Bar::of($steps, true, 100))->toThrow(StepsOutOfRange::class);
})->with([1, 0, -3, 11]);

it('puts a lightness on its step', function (int $steps, float $lightness, int $step) {
    expect(ValueScale::of($steps, 90, 10)->step($lightness))->toBe($step);
})->with([
    [4, 90, 1],
    [4, 71, 1],
    [4, 69, 2],
    [4, 51, 2],
    [4, 49, 3],
    [4, 10, 4],
    'lighter than the lightest that counts' => [4, 99, 1],
    'darker than the darkest' => [4, 0, 4],
    [2, 51, 1],
    [2, 49, 2],
    [10, 13, 10],
]);

it('takes its range from the picture, less a few glints and holes, and tells each step’s share', function () {
    // Three quarters at 80, a quarter at 20; one glint and one hole.
    $picture = toned(fn (int $x, int $y): int => match (true) {
        $x === 0 && $y === 0 => 100,
        $x === 0 && $y === 1 => 0,
        default => $x < 36 ? 80 : 20,
    });
    $scale = ValueScale::over($picture, 3);
    expect([$scale->light, $scale->dark])->toBe([80.0, 20.0])
        ->and(array_map(fn (float $share): float => round($share, 2), $scale->shares($picture)))->toBe([1 => 0.75, 2 => 0.0, 3 => 0.25])
        ->and(array_sum($scale->shares($picture)))->toEqualWithDelta(1, 1e-9);
});

it('has one tone for a picture of one tone', function () {
    $flat = toned(fn (): int => 50);
    expect(ValueScale::over($flat, 5)->shares($flat))->toBe([1 => 1.0, 2 => 0.0, 3 => 0.0, 4 => 0.0, 5 => 0.0]);
});

it('says whether a picture parts into light and shadow', function (Closure $lightness, string $verdict, float $threshold, string $says) {
    $parting = Threshold::of(toned($lightness));
    expect([$parting->verdict(), round($parting->threshold)])->toBe([$verdict, $threshold])->and(Phrases::threshold($parting))->toContain($says);
})->with([
    'two tones: the threshold is halfway' => [fn (int $x): int => $x < 12 ? 20 : 80, 'clean', 50.0, '25 % is shadow. Only 0 % lies between.'],
    'two tones and a soft edge between' => [fn (int $x): float => $x < 16 ? 20 : ($x < 32 ? 20 + ($x - 15) * 60 / 17 : 80), 'partly', 50.0, '8 % lies between'],
    'one long slope' => [fn (int $x): float => 35 + $x * 30 / 47, 'muddy', 50.0, 'hard to tell apart'],
]);

it('parts a picture where it is told, and says what that does', function (float $at, string $verdict, float $shadow) {
    // A quarter at 20, half at 50, a quarter at 80.
    $parting = Threshold::of(toned(fn (int $x): int => $x < 12 ? 20 : ($x < 36 ? 50 : 80)), $at);
    expect([$parting->threshold, $parting->verdict(), $parting->shadow])->toBe([$at, $verdict, $shadow]);
})->with([[35.0, 'clean', 0.25], [65.0, 'clean', 0.75], [50.5, 'muddy', 0.75], [10.0, 'clean', 0.0]]);

it('finds the lightest place and the darks in their order, patches and not specks', function () {
    $patch = fn (int $x, int $y, int $left, int $top): bool => $x >= $left && $x < $left + 6 && $y >= $top && $y < $top + 6;
    $found = Spots::of(toned(fn (int $x, int $y): int => match (true) {
        $patch($x, $y, 36, 6) => 95,
        $patch($x, $y, 6, 6) => 12,
        $patch($x, $y, 6, 36) => 5,
        $patch($x, $y, 36, 36) => 20,
        // A black speck of one sample is no dark.
        $x === 24 && $y === 24 => 0,
        default => 70,
    }));
    $near = fn (Spot $spot): array => [round($spot->x, 1), round($spot->y, 1), round($spot->lightness)];
    expect($near($found['light']))->toBe([0.8, 0.1, 95.0])->and(array_map($near, $found['darks']))->toBe([[0.1, 0.8, 5.0], [0.1, 0.1, 12.0], [0.8, 0.8, 20.0]]);
});

it('finds the grey of a lightness and back', function (float $lightness, int $byte) {
    expect(Greys::byte($lightness))->toBe($byte);
})->with([
    // L* 50 is a luminance of 18.4 %: sRGB 119 (IEC 61966-2-1; CIE 15).
    [0, 0],
    [50, 119],
    [100, 255],
    'beyond white' => [140, 255],
    'below black' => [-5, 0],
]);

it('cuts a part out of a field', function () {
    $part = toned(fn (int $x, int $y): int => 100 * $y + $x)->part(0.25, 0.5, 0.25, 0.125);
    expect([$part->wide, $part->high, $part->at(0, 0), $part->at(11, 5)])->toBe([12, 6, 2412.0, 2923.0])
        ->and(toned(fn (): int => 1)->part(0.99, 0, 0, 0)->wide)->toBe(3);
});

it('takes what is small into the neighbour it touches most', function (array $rows, int $least, float $thin, array $merged) {
    expect(str_split(Areas::merged(implode('', $rows), strlen($rows[0]), $least, $thin), strlen($rows[0])))->toBe($merged);
})->with([
    'a speck' => [['aaaaaa', 'aabaaa', 'aaaccc', 'aaaccc'], 2, 0.0, ['aaaaaa', 'aaaaaa', 'aaaccc', 'aaaccc']],
    'a strip, however long, between two: to one of them' => [['aaabeee', 'aaabeee', 'aaabeee'], 2, 1.5, ['aaaaeee', 'aaaaeee', 'aaaaeee']],
    'to the one it touches most' => [['aaaaa', 'ebbba', 'eeeee'], 4, 0.0, ['aaaaa', 'eeeea', 'eeeee']],
    'one in another: the inner first' => [['aaaaa', 'abbba', 'abcba', 'abbba', 'aaaaa'], 2, 0.0, ['aaaaa', 'abbba', 'abbba', 'abbba', 'aaaaa']],
    'two of one tone that it kept apart are one' => [['aacbb', 'aacbb', 'aabbb'], 3, 0.0, ['aabbb', 'aabbb', 'aabbb']],
    'nothing small' => [['ab', 'ab'], 2, 0.0, ['ab', 'ab']],
    'all of it small, and one' => [['aa', 'aa'], 90, 9.0, ['aa', 'aa']],
]);

it('leaves no small area, keeps every large one, and makes no tone', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    [$wide, $high, $least] = [$random->getInt(1, 24), $random->getInt(1, 24), $random->getInt(1, 9)];
    $tones = '';
    for ($i = 0; $i < $wide * $high; $i++) {
        // Blotches rather than noise alone.
        $tones .= $i % $wide > 0 && $random->getInt(0, 2) > 0 ? $tones[$i - 1] : 'abcd'[$random->getInt(0, 3)];
    }
    /** @return list<list<int>> areas by flood fill, the plain way */
    $areas = static function (string $tones) use ($wide, $high): array {
        [$seen, $found] = [[], []];
        for ($start = 0; $start < $wide * $high; $start++) {
            if (isset($seen[$start])) {
                continue;
            }
            $area = [];
            for ($seen[$start] = true, $waiting = [$start]; $waiting !== [];) {
                $at = array_pop($waiting);
                $area[] = $at;
                foreach ([[$at % $wide > 0, $at - 1], [$at % $wide < $wide - 1, $at + 1], [$at >= $wide, $at - $wide], [$at < $wide * ($high - 1), $at + $wide]] as [$is, $beside]) {
                    if ($is && ! isset($seen[$beside]) && $tones[$beside] === $tones[$at]) {
                        $seen[$beside] = true;
                        $waiting[] = $beside;
                    }
                }
            }
            $found[] = $area;
        }

        return $found;
    };
    $merged = Areas::merged($tones, $wide, $least, 0.0);
    $after = $areas($merged);
    expect(strlen($merged))->toBe(strlen($tones))->and(array_diff(str_split($merged), str_split($tones)))->toBe([]);
    foreach ($after as $area) {
        expect(count($area) >= $least || count($after) === 1)->toBeTrue();
    }
    foreach ($areas($tones) as $area) {
        if (count($area) >= $least) {
            expect(array_unique(array_map(static fn (int $at): string => $merged[$at], $area)))->toBe([$tones[$area[0]]]);
        }
    }
})->with(range(1, 40));

it('finds the slope of the light over bare paper', function (float $middle, float $across, float $down) {
    mt_srand(5);
    $bare = [];
    for ($i = 0; $i < 200; $i++) {
        [$x, $y] = [mt_rand(0, 1000) / 1000, mt_rand(0, 1000) / 1000];
        $bare[] = [$x, $y, $middle + $across * $x + $down * $y];
    }
    $light = PaperLight::over($bare);
    foreach ([[0.0, 0.0], [1.0, 0.0], [0.3, 0.9]] as [$x, $y]) {
        expect($light->at($x, $y))->toEqualWithDelta($middle + $across * $x + $down * $y, 1e-9);
    }
    // One place, or places on a line, tell of no slope across it; nothing is divided by nothing.
    expect(PaperLight::over([[0.5, 0.5, 0.4]])->at(0.9, 0.1))->toEqualWithDelta(0.4, 1e-9)->and(PaperLight::over([[0.1, 0.5, 0.0], [0.9, 0.5, 0.0]])->at(0.5, 0.9))->toBeGreaterThan(0.0);
})->with([[0.6, 0.2, -0.1], [0.3, 0.0, 0.0], [0.5, -0.3, 0.3]]);

it('says what tones of the photo the drawing lacks, and by how much all of it is paler', function (array $drawn, array $photo, array $missing, float $paler, bool $bare) {
    $bar = Bar::of(5, true, 100.0);
    $lightness = [];
    foreach ($drawn as $step => $count) {
        array_push($lightness, ...array_fill(0, $count, $bar->boxes[$step - 1]->lightness + 2.0));
    }
    $laid = LaidTones::of(new Field(10, 10, $lightness), $bar, $photo);
    // The same, counted from 0.
    $fromZero = LaidTones::of(new Field(10, 10, $lightness), Bar::of(5, true, 100.0, first: 0), array_combine(range(0, 4), $photo));
    expect(array_values($fromZero->drawn))->toBe(array_values($laid->drawn))->and(array_map(fn (int $step) => $step + 1, $fromZero->missing))->toBe($laid->missing)->and($fromZero->paler)->toEqualWithDelta($laid->paler, 1e-9);
    expect($laid->missing)->toBe($missing)->and($laid->paler)->toEqualWithDelta($paler, 1e-9)->and($laid->isBare())->toBe($bare)
        ->and(array_sum($laid->drawn))->toEqualWithDelta(1.0, 1e-9);
})->with([
    'as the photo' => [[1 => 20, 2 => 20, 3 => 20, 4 => 20, 5 => 20], [1 => 0.2, 2 => 0.2, 3 => 0.2, 4 => 0.2, 5 => 0.2], [], 0.0, false],
    'too pale, the darks missing' => [[1 => 60, 2 => 40], [1 => 0.2, 2 => 0.2, 3 => 0.2, 4 => 0.2, 5 => 0.2], [3, 4, 5], 1.6, false],
    'too dark' => [[4 => 50, 5 => 50], [1 => 0.5, 2 => 0.5, 3 => 0.0, 4 => 0.0, 5 => 0.0], [1, 2], -3.0, false],
    'lines alone' => [[1 => 95, 4 => 5], [1 => 0.2, 2 => 0.2, 3 => 0.2, 4 => 0.2, 5 => 0.2], [2, 3, 5], 1.85, true],
    'what the photo has hardly any of is no loss' => [[1 => 50, 2 => 50], [1 => 0.49, 2 => 0.49, 3 => 0.02, 4 => 0.0, 5 => 0.0], [], 0.03, false],
]);

it('turns light to lightness and back, as CIE 15 has it', function () {
    foreach ([0.0, 0.5, 8.0, 18.0, 50.0, 92.0, 100.0] as $lightness) {
        expect(Lab::lightnessOfLight(Lab::light($lightness)))->toEqualWithDelta($lightness, 1e-9);
    }
    // The grey card: 18.4 % of the light is L* 50 (CIE 15).
    expect(Lab::light(50.0))->toEqualWithDelta(0.1842, 1e-4);
});

it('reads the strokes of every cell by itself, on paper of any shape under any grid, but for where the hand drew', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    [$wide, $high] = [$random->getInt(6, 16), $random->getInt(6, 16)];
    $share = static fn (int $thousandths): Rational => Rational::nd($thousandths, 1000);
    [$x, $y] = [$random->getInt(20, 980), $random->getInt(20, 980)];
    // From there to 45° up on the paper, however the picture is squeezed.
    [$right, $up] = [Rational::nd(1, 10 * $wide), Rational::nd(1, 10 * $high)];
    $hand = new Span('', $share($x), $share($y), $share($x)->plus($right), $share($y)->minus($up), null);
    $schools = [SquaresByCount::across($random->getInt(2, 5)), new ProportionalCells(Cells::of($random->getInt(2, 4), $random->getInt(2, 4))), new MainLines([$share(333)], [$share(600)])];
    $plan = Plans::of(Reference::onScreen(100 * $wide, 100 * $high), new Size(Length::of($wide, Unit::Inch), Length::of($high, Unit::Inch)), school: $schools[$seed % 3]);
    [$grid, $area] = [$plan->layout->grid, $plan->layout->fitted->area];
    $ways = [];
    foreach (range(0, $grid->across->parts() * $grid->down->parts() - 1) as $cell) {
        $ways[$cell] = (float) $random->getInt(-89, 90);
    }
    [$samples, $lightness] = [320, []];
    [$across, $down] = [$area->width->toFloat() / $samples, $area->height->toFloat() / $samples];
    foreach (range(0, $samples - 1) as $row) {
        foreach (range(0, $samples - 1) as $column) {
            [$i, $j] = $grid->cellAt(($column + 0.5) / $samples, ($row + 0.5) / $samples);
            $way = deg2rad($ways[$j * $grid->across->parts() + $i]);
            // Crests so far apart that the samples tell of them, both ways.
            $lightness[] = 50 + 20 * sin(2 * M_PI * (-$column * $across * sin($way) + $row * $down * cos($way)) / (6 * max($across, $down)));
        }
    }
    $strokes = CellStrokes::all($plan->layout, [$hand], new Field($samples, $samples, $lightness));
    expect(array_map(static fn (Strokes $one): int => $one->row * $grid->across->parts() + $one->column, $strokes))->toBe(array_keys($ways));
    foreach ($strokes as $cell => $one) {
        $byHand = $grid->cellAt($x / 1000, $y / 1000) === [$one->column, $one->row];
        $off = abs($one->degrees - ($byHand ? -45.0 : $ways[$cell]));
        expect($one->byHand)->toBe($byHand)->and(min($off, 180 - $off))->toBeLessThan($byHand ? 1e-6 : 3.0);
    }
    expect(CellStrokes::all($plan->layout, [$hand], null))->toHaveCount(1);
})->with(range(1, 9));
