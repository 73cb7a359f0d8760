<?php

use App\Wording\CheckWording;
use InchLadder\Checking\PairOfLengths;
use InchLadder\Checking\Sized;
use InchLadder\Compare\Cause;
use InchLadder\Compare\CornersUnusable;
use InchLadder\Compare\Flattening;
use InchLadder\Compare\Homography;
use InchLadder\Compare\InProportion;
use InchLadder\Compare\Lens;
use InchLadder\Compare\LineMap;
use InchLadder\Compare\Matcher;
use InchLadder\Compare\Measured;
use InchLadder\Compare\Model;
use InchLadder\Compare\Motion;
use InchLadder\Compare\PageRatio;
use InchLadder\Compare\Share;
use InchLadder\Compare\Verdict;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Layout;
use InchLadder\Layout\Span;
use InchLadder\Measure\Rational;
use InchLadder\Photo\Reference;
use InchLadder\Pixels\Grey;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Features;
use InchLadder\Plan\Sizes;
use InchLadder\Things\Thing;
use Tests\Core\Plans;

/** 200 × 250 mm on a sheet as large, in cells of 50 mm. */
function board(): Layout
{
    return Plans::of(Reference::onScreen(800, 1000), size('200x250mm'), ruler: '1 mm')->layout;
}

/** Eight places all over it. */
const PLACES = ['a' => [20, 30], 'b' => [170, 25], 'c' => [60, 80], 'd' => [140, 95], 'e' => [30, 160], 'f' => [110, 150], 'g' => [180, 220], 'h' => [70, 230]];

/**
 * @param  Closure(string, float, float): array{float, float}  $out  where each came out
 * @return list<Measured>
 */
function came(Closure $out, array $things = [], array $more = []): array
{
    return array_map(static fn (string $name, array $at): Measured => new Measured($name, $at[0], $at[1], ...[...$out($name, ...$at), 1.0, 0.1, 'things' => array_keys(array_filter($things, static fn (array $in): bool => in_array($name, $in, true))), ...$more[$name] ?? []]), array_keys(PLACES), array_values(PLACES));
}

it('finds the similarity of a published example', function () {
    // S. Umeyama, "Least-squares estimation of transformation parameters between two point patterns", IEEE PAMI 13 (1991), 379, fig. 1.
    $found = Motion::similarity([[0, 0], [1, 0], [0, 2]], [[0, 0], [-1, 0], [0, 2]]);
    expect($found->size())->toEqualWithDelta(0.721, 5e-4)
        ->and([$found->a / $found->size(), $found->b / $found->size(), $found->d / $found->size(), $found->e / $found->size()])->toEqualWithDelta([0.832, 0.555, -0.555, 0.832], 5e-4)
        ->and([$found->c, $found->f])->toEqualWithDelta([-0.8, 0.4], 5e-4);
});

it('goes there and back, through a lens that bends', function (float $bend) {
    $lens = Lens::bent($bend, 3000, 4000);
    $map = Flattening::of(array_map(fn (array $at) => $lens->bend(...$at), [[400, 500], [2600, 380], [2450, 3500], [520, 3300]]), [[0, 0], [200, 0], [200, 250], [0, 250]], $lens);
    mt_srand(14);
    for ($i = 0; $i < 200; $i++) {
        [$x, $y] = [mt_rand(0, 2000) / 10, mt_rand(0, 2500) / 10];
        expect($map->toSheet(...$map->toShot($x, $y)))->toEqualWithDelta([$x, $y], 1e-6);
    }
})->with([0.0, -0.06, 0.04]);

it('finds by how much a lens bends from what must be straight', function (float $bend) {
    $lens = Lens::bent($bend, 3000, 4000);
    mt_srand(7);
    $lines = array_map(static fn (array $ends): array => array_map(static function (int $i) use ($ends, $lens): array {
        [$x, $y] = $lens->bend($ends[0] + $i / 60 * ($ends[2] - $ends[0]), $ends[1] + $i / 60 * ($ends[3] - $ends[1]));

        return [$x + mt_rand(-30, 30) / 100, $y + mt_rand(-30, 30) / 100];
    }, range(0, 60)), [[400, 500, 2600, 380], [2600, 380, 2450, 3500], [2450, 3500, 520, 3300], [520, 3300, 400, 500]]);
    expect(Lens::straightening($lines, 3000, 4000)->bend)->toEqualWithDelta($bend, 0.002);
})->with([0.0, -0.05, 0.03]);

it('refuses corners that no sheet has', function (array $corners, string $says) {
    expect(fn () => Flattening::of($corners, array_slice([[0, 0], [200, 0], [200, 250], [0, 250]], 0, count($corners)), Lens::true(3000, 4000)))->toBeRefused(CornersUnusable::class, $says);
})->with([
    'three on a line' => [[[0, 0], [100, 100], [200, 200], [0, 300]], 'lie on one line'],
    'crossed' => [[[0, 0], [200, 250], [200, 0], [0, 250]], 'wrong order'],
    'anticlockwise' => [[[0, 0], [0, 250], [200, 250], [200, 0]], 'wrong order'],
    'all one' => [[[5, 5], [5, 5], [5, 5], [5, 5]], 'lie on one line'],
    'three' => [[[0, 0], [200, 0], [200, 250]], 'four corners'],
]);

it('names the simplest that explains the misfits, and no more', function (Closure $out, array $things, Cause $cause, Model $model, array $first, array $after) {
    $verdict = Verdict::of(board(), came($out, $things), []);
    expect($verdict->cause)->toBe($cause)->and($verdict->whole->model)->toBe($model)
        ->and(array_map(fn ($one) => $one->measured->name, $verdict->first()))->toEqualCanonicalizing($first)
        ->and(array_map(fn ($one) => $one->measured->name, $verdict->leftAfterFirst()))->toEqualCanonicalizing($after);
})->with(function () {
    $all = array_keys(PLACES);
    $about = fn (float $turn, float $size, float $right = 0, float $down = 0): Closure => fn (string $name, float $x, float $y): array => [
        100 + $right + $size * (cos(deg2rad($turn)) * ($x - 100) - sin(deg2rad($turn)) * ($y - 125)), 125 + $down + $size * (sin(deg2rad($turn)) * ($x - 100) + cos(deg2rad($turn)) * ($y - 125)),
    ];
    $moved = fn (array $by, ?Closure $under = null): Closure => function (string $name, float $x, float $y) use ($by, $under): array {
        [$u, $v] = $under === null ? [$x, $y] : $under($name, $x, $y);

        return [$u + ($by[$name][0] ?? 0), $v + ($by[$name][1] ?? 0)];
    };

    return [
        'right' => [$moved([]), [], Cause::None, Model::Same, [], []],
        'off by less than passes, all over' => [$about(0, 1, 0.5, -0.4), [], Cause::None, Model::Same, [], []],
        'moved' => [$about(0, 1, 4, -3), [], Cause::Whole, Model::Similarity, $all, []],
        'turned' => [$about(2, 1), [], Cause::Whole, Model::Similarity, $all, []],
        'larger' => [$about(0, 1.05), [], Cause::Whole, Model::Similarity, $all, []],
        'stretched' => [fn ($name, $x, $y) => [100 + 1.06 * ($x - 100), $y], [], Cause::Whole, Model::Affine, $all, []],
        'one place' => [$moved(['d' => [0, 5]]), [], Cause::Point, Model::Same, ['d'], []],
        'two places, each its own way' => [$moved(['d' => [0, 5], 'h' => [-3, 0]]), [], Cause::Point, Model::Same, ['d'], ['h']],
        'a thing' => [$moved(['c' => [3, 3], 'd' => [3, 3], 'f' => [3, 3]]), ['jug' => ['c', 'd', 'f']], Cause::Group, Model::Same, ['c', 'd', 'f'], []],
        'a thing, and a place of its own' => [$moved(['c' => [3, 3], 'd' => [3, 3], 'f' => [3, 3], 'g' => [-6, 0]]), ['jug' => ['c', 'd', 'f']], Cause::Group, Model::Same, ['c', 'd', 'f'], ['g']],
        'a thing that most places are of' => [$moved(['b' => [4, 2], 'c' => [4, 2], 'd' => [4, 2], 'f' => [4, 2], 'g' => [4, 2]]), ['jug' => ['b', 'c', 'd', 'f', 'g']], Cause::Group, Model::Same, ['b', 'c', 'd', 'f', 'g'], []],
        'neighbours without a name' => [$moved(['e' => [-3, 3], 'h' => [-3, 3]]), [], Cause::Group, Model::Same, ['e', 'h'], []],
        'alike, but not beside each other' => [$moved(['c' => [-3, 3], 'd' => [-3.1, 3]]), [], Cause::Point, Model::Same, ['d'], ['c']],
        'larger, and one place out' => [$moved(['e' => [5, 0]], $about(0, 1.04)), [], Cause::Point, Model::Similarity, ['e'], []],
        'the wrong cell before a longer way' => [$moved(['c' => [-12, 0], 'a' => [14, 14]]), [], Cause::Point, Model::Same, ['c'], ['a']],
    ];
});

it('says nothing of what it does not know', function () {
    $one = Verdict::of(board(), [new Measured('a', 20, 30, 20, 36, 1.0)], ['b']);
    expect($one->cause)->toBe(Cause::Point)->and($one->isGoodEnough())->toBeFalse();
    expect(Verdict::of(board(), [], ['a'])->typical())->toBeNull()->and(Verdict::of(board(), [], [])->isGoodEnough())->toBeFalse();
    // Two that moved alike are no whole, and what is unsure or was meant has no say.
    $meant = came(fn ($name, $x, $y) => $name === 'd' ? [$x + 9, $y] : [$x, $y], [], ['d' => ['meant' => [9.0, 0.0]]]);
    expect(Verdict::of(board(), $meant, [])->cause)->toBe(Cause::None)->and(Verdict::of(board(), $meant, [])->isGoodEnough())->toBeTrue()->and(Verdict::of(board(), $meant, [])->meant())->toHaveCount(1);
    $unsure = came(fn ($name, $x, $y) => $name === 'd' ? [$x + 9, $y] : [$x, $y], [], ['d' => ['sure' => false, 'proposed' => true]]);
    expect(Verdict::of(board(), $unsure, [])->cause)->toBe(Cause::None)->and(Verdict::of(board(), $unsure, [])->unmeasured)->toBe(['d'])->and(Verdict::of(board(), $unsure, [])->isGoodEnough())->toBeFalse();
});

it('passes what lies exactly on the limit, and not a hair beyond', function () {
    $at = fn (float $off): Verdict => Verdict::of(board(), [new Measured('a', 20, 30, 20 + $off, 30, 1.0)], []);
    expect($at(1.0)->isGoodEnough())->toBeTrue()->and($at(1.000001)->isGoodEnough())->toBeFalse();
    // No reading accuses more finely than it was taken.
    expect(Verdict::of(board(), [new Measured('a', 20, 30, 21.9, 30, 1.0, 0.5)], [])->isGoodEnough())->toBeTrue();
});

it('gives back a motion that was put in, whatever slips lie among the places', function () {
    mt_srand(1991);
    for ($round = 0; $round < 60; $round++) {
        [$turn, $size, $right, $down] = [deg2rad(mt_rand(-40, 40) / 10), 1 + mt_rand(-80, 80) / 1000, mt_rand(-80, 80) / 10, mt_rand(-80, 80) / 10];
        $slips = array_rand(PLACES, 2);
        $verdict = Verdict::of(board(), came(function (string $name, float $x, float $y) use ($turn, $size, $right, $down, $slips): array {
            $slip = in_array($name, $slips, true) ? 15 : 0;

            return [$right + $size * (cos($turn) * $x - sin($turn) * $y) + ($name === $slips[0] ? $slip : -$slip), $down + $size * (sin($turn) * $x + cos($turn) * $y) + $slip];
        }), []);
        $shows = max(array_map(static fn (array $at): float => hypot($right + $size * (cos($turn) * $at[0] - sin($turn) * $at[1]) - $at[0], $down + $size * (sin($turn) * $at[0] + cos($turn) * $at[1]) - $at[1]), PLACES));
        if ($shows > 2) {
            // A turn or a size that no place shows, once all are moved alike, is not told: two numbers say it.
            [$mx, $my] = [array_sum(array_column(PLACES, 0)) / count(PLACES), array_sum(array_column(PLACES, 1)) / count(PLACES)];
            $besides = max(array_map(static fn (array $at): float => hypot($size * cos($turn) - 1, $size * sin($turn)) * hypot($at[0] - $mx, $at[1] - $my), PLACES));
            $besides > 2 && expect(deg2rad($verdict->whole->motion->turn()))->toEqualWithDelta($turn, 1e-6)->and($verdict->whole->motion->size())->toEqualWithDelta($size, 1e-6);
            expect(array_map(fn ($one) => $one->measured->name, $verdict->out()))->toEqualCanonicalizing($slips);
        }
    }
});

it('finds a place by the lines about it, and says so where two are as good', function () {
    // A sheet of 60 × 60 mm at 2.5 samples a mm, with a cross 3 mm right and 2 mm down of where it belongs, and a lone straight line.
    $side = 150;
    $bytes = array_fill(0, $side * $side, 240);
    $ink = static function (float $x, float $y) use (&$bytes, $side): void {
        $bytes[(int) ($y * 2.5) * $side + (int) ($x * 2.5)] = 90;
    };
    for ($i = -80; $i <= 80; $i++) {
        $ink(33 + $i / 10, 32);
        $ink(33, 32 + $i / 10);
    }
    $map = LineMap::of(new Grey($side, $side, pack('C*', ...$bytes)), 2.5);
    $cross = array_merge(...array_map(static fn (int $i): array => [[30 + 0.6 * $i, 30.0], [30.0, 30 + 0.6 * $i]], range(-13, 13)));
    [$x, $y, $sure] = (new Matcher($map, $cross))->place(30, 30, Motion::none(), 8);
    expect([$x, $y])->toEqualWithDelta([33.2, 32.2], 0.3)->and($sure)->toBeTrue();
    // Along a straight line nothing tells where.
    $map = LineMap::of(new Grey($side, $side, pack('C*', ...array_map(static fn (int $i): int => intdiv($i, $side) === 80 ? 90 : 240, range(0, $side * $side - 1)))), 2.5);
    expect((new Matcher($map, array_map(static fn (int $i): array => [30 + 0.6 * $i, 30.0], range(-13, 13))))->place(30, 30, Motion::none(), 8)[2])->toBeFalse();
    expect((new Matcher($map, [[30.0, 30.0]]))->place(30, 30, Motion::none(), 8))->toBeNull();
});

it('leaves ruled lines out of what is drawn, and knows by how much they lie off', function () {
    $side = 300;
    $bytes = array_fill(0, $side * $side, 235);
    for ($y = 20; $y < 280; $y++) {
        $bytes[$y * $side + 152] = 120;
        $bytes[$y * $side + 200] = 120;
    }
    $map = LineMap::of(new Grey($side, $side, pack('C*', ...$bytes)), 2.5, [[60.0, 8.0, 60.0, 112.0]]);
    expect($map->ruled)->toHaveKey('across 0')->and($map->ruled['across 0'][0])->toEqualWithDelta(1.0, 0.45)->and($map->far(61, 60))->toBeGreaterThan(5)->and($map->far(80.2, 60))->toBeLessThan(0.5);
});

it('maps corners to corners exactly, and the middle where lines cross', function () {
    $map = Homography::of([[0, 0], [1, 0], [1, 1], [0, 1]], [[10, 12], [95, 20], [88, 110], [4, 90]]);
    foreach ([[0, 0, 10, 12], [1, 0, 95, 20], [1, 1, 88, 110], [0, 1, 4, 90]] as [$x, $y, $u, $v]) {
        expect($map->apply($x, $y))->toEqualWithDelta([$u, $v], 1e-9)->and($map->inverse()->apply($u, $v))->toEqualWithDelta([$x, $y], 1e-9);
    }
    // Diagonals stay diagonals: they cross at the image of the middle.
    [$x, $y] = $map->apply(0.5, 0.5);
    expect((88 - 10) * ($y - 12) - (110 - 12) * ($x - 10))->toEqualWithDelta(0, 1e-6)->and((4 - 95) * ($y - 20) - (90 - 20) * ($x - 95))->toEqualWithDelta(0, 1e-6);
});

it('tells two points of one name apart, and loses neither', function () {
    $point = fn (string $name, string $x): KeyPoint => new KeyPoint($name, Rational::of($x), Rational::of('1/2'), false);
    $plan = Plans::of(Reference::onScreen(800, 1000), size('200x250mm'), ruler: '1 mm', points: [$point('eye', '1/4'), $point('eye', '3/4'), $point('eye 2', '1/2'), $point('beside', '-1/2')]);
    expect(array_map(fn ($one) => $one->key, Comparison::marked($plan)))->toBe(['eye', 'eye 2', 'eye 2 2']);
});

it('tells the shape of a page from its corners, however askew it was taken', function (float $ratio, float $tilt, float $turn, float $focal) {
    // A pinhole camera of so many widths of the picture, over the middle of a page that is turned about both its axes.
    [$wide, $high] = [4000.0, 3000.0];
    [$a, $b, $c] = [deg2rad($tilt), deg2rad(0.7 * $tilt), deg2rad($turn)];
    $seen = array_map(static function (array $at) use ($a, $b, $c, $focal, $wide, $high): array {
        [$x, $y] = [$at[0] * cos($c) - $at[1] * sin($c), $at[0] * sin($c) + $at[1] * cos($c)];
        [$y, $z] = [$y * cos($a), $y * sin($a)];
        [$x, $z] = [$x * cos($b) + $z * sin($b), 4.0 + $z * cos($b) - $x * sin($b)];

        return [$wide / 2 + $focal * $wide * $x / $z, $high / 2 + $focal * $wide * $y / $z];
    }, [[-$ratio / 2, -0.5], [$ratio / 2, -0.5], [$ratio / 2, 0.5], [-$ratio / 2, 0.5]]);
    expect(PageRatio::of($seen, $wide, $high))->toEqualWithDelta($ratio, $tilt === 0.0 ? 1e-9 : 1e-6);
})->with([[0.7071, 20.0, 4.0, 0.9], [1.4142, 30.0, -12.0, 1.2], [0.7727, 12.0, 80.0, 0.8], [1.0, 25.0, 33.0, 1.0], [0.4, 35.0, 2.0, 0.75], [0.7071, 0.0, 0.0, 1.0]]);

it('has parts of a whole by share and by ratio, left and right apart', function () {
    $plan = Plans::of(Reference::onScreen(800, 1000), size('200x250mm'), ruler: '1 mm', things: array_map(
        static fn (string $name, array $at): Thing => new Thing($name, [[($at[0] + $at[2]) / 2, $at[1]], [$at[2], ($at[1] + $at[3]) / 2], [($at[0] + $at[2]) / 2, $at[3]], [$at[0], ($at[1] + $at[3]) / 2]]),
        ['face', 'left eye', 'right eye', 'mouth'], [[0.2, 0.2, 0.8, 0.8], [0.3, 0.4, 0.42, 0.46], [0.58, 0.4, 0.7, 0.46], [0.4, 0.62, 0.6, 0.7]],
    ), spans: [new Span('lid to lid', Rational::of('0.36'), Rational::of('0.41'), Rational::of('0.36'), Rational::of('0.45'), null)]);
    $comparison = Comparison::of($plan, []);
    // The whole is drawn a tenth larger; the right eye besides is 5 mm too wide, to its right.
    $places = [];
    foreach ($comparison->wanted as $one) {
        $places[$one->key] = [220 * $one->x + ($one->key === 'right eye, right' ? 5.0 : 0.0), 275 * $one->y, false, true];
    }
    $verdict = $comparison->verdict($places, Flattening::of([[0, 0], [2000, 0], [2000, 2500], [0, 2500]], [[0, 0], [200, 0], [200, 250], [0, 250]], Lens::true(2000, 2500)));
    // The gap between the lids came out at 11 mm, a tenth more than its 10, as the whole; then at 14.
    [$face] = Features::of($plan, $verdict, $comparison->wanted, [0 => 11.0]);
    expect($face->whole)->toBe('face')->and(array_map(static fn (Share $one): string => "{$one->part} {$one->of}", $face->misplaced()))->toEqualCanonicalizing(['right eye width', 'right eye right'])
        // 12 of 60 hundredths are a fifth; 26.4 + 5 of 132 mm are 23.8 %.
        ->and(array_map(static fn (Share $one): array => [$one->wanted, $one->drawn], array_values(array_filter($face->shares, static fn (Share $one): bool => "{$one->part} {$one->of}" === 'right eye width'))))->toEqualWithDelta([[0.2, 31.4 / 132]], 1e-6)
        ->and(array_map(static fn (InProportion $one): string => $one->name, $face->unlike()))->toBe(['right eye']);
    [$face] = Features::of($plan, $verdict, $comparison->wanted, [0 => 14.0]);
    expect(array_map(static fn (InProportion $one): string => $one->name, $face->unlike()))->toBe(['lid to lid', 'right eye'])->and($face->unlike()[0]->off)->toEqualWithDelta(14 / 11 - 1, 1e-3)
        // From the photo alone nothing is judged, and nothing is called right.
        ->and(Features::of($plan)[0]->isPlaced())->toBeFalse()->and(Features::of($plan)[0]->ratios)->toBe([]);
});

it('holds sizes and gaps each against each, the worst pair first, as large as the whole is drawn', function () {
    $thing = static fn (string $name, array $at): Thing => new Thing($name, [[($at[0] + $at[2]) / 2, $at[1]], [$at[2], ($at[1] + $at[3]) / 2], [($at[0] + $at[2]) / 2, $at[3]], [$at[0], ($at[1] + $at[3]) / 2]]);
    $plan = Plans::of(Reference::onScreen(800, 1000), size('200x250mm'), ruler: '1 mm', things: [$thing('jug', [0.1, 0.2, 0.5, 0.8]), $thing('cup', [0.6, 0.5, 0.9, 0.8]), $thing('twin', [0.1, 0.82, 0.2, 0.9]), $thing('twin', [0.3, 0.82, 0.4, 0.9])]);
    // All of it a tenth larger; the cup besides a fifth too wide. 80 and 60 mm wide, 150 and 75 high on the photo.
    $ends = ['jug' => ['left' => 0.0, 'right' => 88.0, 'top' => 0.0, 'bottom' => 165.0], 'cup' => ['left' => 0.0, 'right' => 79.2, 'top' => 0.0, 'bottom' => 82.5]];
    $sizes = Sizes::measured($plan, $ends, [], []);
    expect(array_map(static fn (Sized $one): string => "{$one->of} {$one->names[0]}", $sizes))->toBe(['width jug', 'height jug', 'width cup', 'height cup']);
    $pairs = PairOfLengths::among($sizes, 99);
    expect($pairs)->toHaveCount(6);
    foreach ($pairs as $i => $pair) {
        $isCup = str_contains("{$pair->one->of} {$pair->one->names[0]} {$pair->other->of} {$pair->other->names[0]}", 'width cup');
        // Three pairs have the cup's width in them, and those come first.
        expect($isCup)->toBe($i < 3)->and(abs($pair->misfit()?->toFloat() ?? 9.0))->toEqualWithDelta($isCup ? ($pair->one->of.$pair->one->names[0] === 'widthcup' ? 0.2 : 1 - 1 / 1.2) : 0.0, 1e-6);
    }
    expect(CheckWording::pair($pairs[0]))->toContain('the width of “cup”')->toContain('On the drawing');
});
