<?php

use InchLadder\Compare\Lens;
use InchLadder\Compare\SheetFinder;
use InchLadder\Compare\StraightLine;
use InchLadder\Pixels\Grey;

/** A sheet on a table as a camera sees it: how light each place is, and how a lens moves what lies there. */
final class TableTop
{
    public const WIDE = 360;

    public const HIGH = 270;

    /** A sheet that lies a little slanted. */
    public const SHEET = [[67.3, 42.6], [293.9, 36.2], [301.4, 235.7], [58.8, 228.4]];

    /**
     * @param  list<array{float, float}>  $corners  clockwise, in pixels of the fine picture, before the lens bends them
     * @param  float  $fall  levels that the light loses from left to right
     * @param  float  $over  pixels over which paper becomes table
     * @param  int  $grain  levels of noise, up or down
     */
    public static function seen(
        array $corners, int $times = 1, float $paper = 215, float $table = 80,
        float $fall = 0, float $bend = 0, float $over = 1, int $grain = 0,
    ): Grey {
        mt_srand(11);
        [$wide, $high] = [intdiv(self::WIDE, $times), intdiv(self::HIGH, $times)];
        $sides = [];
        foreach ($corners as $i => [$x, $y]) {
            [$u, $v] = $corners[($i + 1) % count($corners)];
            $long = hypot($u - $x, $v - $y);
            $sides[] = [$x, $y, -($v - $y) / $long, ($u - $x) / $long];
        }
        $bytes = '';
        for ($row = 0; $row < $high; $row++) {
            for ($column = 0; $column < $wide; $column++) {
                [$x, $y] = self::flat($times * ($column + 0.5), $times * ($row + 0.5), $bend);
                $in = INF;
                foreach ($sides as [$fromX, $fromY, $acrossX, $acrossY]) {
                    $in = min($in, ($x - $fromX) * $acrossX + ($y - $fromY) * $acrossY);
                }
                $share = max(0.0, min(1.0, 0.5 + $in / ($over * $times)));
                $share *= $share * (3 - 2 * $share);
                $light = ($table + $share * ($paper - $table)) * (1 - $fall / 255 * $column / $wide) + mt_rand(-$grain, $grain);
                $bytes .= chr((int) max(0, min(255, round($light))));
            }
        }

        return new Grey($wide, $high, $bytes);
    }

    /** @return SheetFinder|null what is found in a shot four times as large as the fine picture */
    public static function find(array $corners, mixed ...$how): ?SheetFinder
    {
        return SheetFinder::in(self::seen($corners, 3, ...$how), self::seen($corners, 1, ...$how), 4 * self::WIDE, 4 * self::HIGH);
    }

    /** @return array{float, float} a place once the lens is taken off: (x, y) / (1 + bend · r²) about the middle, r = 1 in the corners */
    private static function flat(float $x, float $y, float $bend): array
    {
        [$u, $v, $far] = [$x - self::WIDE / 2, $y - self::HIGH / 2, hypot(self::WIDE, self::HIGH) / 2];
        $by = 1 / (1 + $bend * ($u * $u + $v * $v) / $far ** 2);

        return [self::WIDE / 2 + $by * $u, self::HIGH / 2 + $by * $v];
    }

    /** @return array{float, float} where the lens shows it, found step by step */
    public static function shown(float $x, float $y, float $bend): array
    {
        [$u, $v] = [$x, $y];
        for ($i = 0; $i < 60; $i++) {
            [$a, $b] = self::flat($u, $v, $bend);
            [$u, $v] = [$u + $x - $a, $v + $y - $b];
        }

        return [$u, $v];
    }

    /** @return list<array{float, float}> a figure of so many corners about the middle */
    public static function figure(int $corners, float $radius, float $turn = 0.3): array
    {
        $at = static fn (float $angle): array => [180 + $radius * cos($angle), 135 + $radius * sin($angle)];

        return array_map(static fn (int $i): array => $at($turn + 2 * M_PI * $i / $corners), range(0, $corners - 1));
    }

    /** @return list<array{float, float}> a sheet of 4 : 3 that takes in such a share of the shot */
    public static function share(float $share): array
    {
        [$wide, $high] = [sqrt($share) * self::WIDE / 2, sqrt($share) * self::HIGH / 2];

        return [[180 - $wide, 135 - $high], [180 + $wide, 135 - $high], [180 + $wide, 135 + $high], [180 - $wide, 135 + $high]];
    }
}

it('finds the corners of a sheet to a part of a sample, in any light and through any lens', function (array $how, float $within = 0.1) {
    $found = TableTop::find(TableTop::SHEET, ...$how);
    expect($found)->not->toBeNull()->and($found->cutOff)->toBeFalse();
    foreach (TableTop::SHEET as $i => $corner) {
        [$x, $y] = TableTop::shown(...[...$corner, $how['bend'] ?? 0]);
        expect(hypot($found->corners[$i][0] / 4 - $x, $found->corners[$i][1] / 4 - $y))->toBeLessThan($within);
    }
    expect($found->lens->bend)->toEqualWithDelta($how['bend'] ?? 0, 0.006)->and(count($found->sides))->toBe(4);
    // Each side's places lie on its side: a line from corner to corner, once the lens is taken off.
    foreach ($found->sides as $i => $side) {
        [$from, $to] = [$found->lens->straighten(...$found->corners[$i]), $found->lens->straighten(...$found->corners[($i + 1) % 4])];
        $long = hypot($to[0] - $from[0], $to[1] - $from[1]);
        foreach ($side as $at) {
            [$x, $y] = $found->lens->straighten(...$at);
            $off = abs(($x - $from[0]) * ($to[1] - $from[1]) - ($y - $from[1]) * ($to[0] - $from[0])) / $long;
            expect($off)->toBeLessThan(12 * $within);
        }
    }
})->with([
    'plain' => [[]],
    'light that falls to a third' => [['fall' => 170.0, 'table' => 40.0]],
    'a barrel' => [['bend' => -0.06], 0.2],
    'a pincushion' => [['bend' => 0.05], 0.2],
    'grain' => [['grain' => 9], 0.25],
    'a faint table' => [['table' => 170.0], 0.15],
    'a blurred edge' => [['over' => 6.0], 0.3],
]);

it('finds no sheet where there is none', function (array $corners, array $how = []) {
    expect(TableTop::find($corners, ...$how) === null)->toBeTrue();
})->with([
    'a round table mat' => fn () => [TableTop::figure(40, 90)],
    'six corners' => fn () => [TableTop::figure(6, 115)],
    'a twentieth of the shot' => fn () => [TableTop::share(0.05)],
    'hardly lighter than the table' => fn () => [TableTop::SHEET, ['table' => 209.0]],
]);

it('finds a small sheet, and one whose fall of light is small', function (array $corners, array $how = []) {
    expect(TableTop::find($corners, ...$how) === null)->toBeFalse();
})->with([
    'a twelfth of the shot' => fn () => [TableTop::share(0.085)],
    'a fall of twenty levels' => fn () => [TableTop::SHEET, ['table' => 195.0]],
]);

it('says that a sheet runs out of the shot', function (array $corners, bool $runs) {
    expect(SheetFinder::from($corners, TableTop::seen($corners), TableTop::WIDE, TableTop::HIGH)?->cutOff)->toBe($runs);
})->with([
    'all in it' => [[[20.0, 15.0], [300.0, 15.0], [300.0, 240.0], [20.0, 240.0]], false],
    'a corner on the left rim' => [[[1.2, 15.0], [300.0, 15.0], [300.0, 240.0], [1.2, 240.0]], true],
    'a corner on the foot' => [[[20.0, 15.0], [300.0, 15.0], [300.0, 268.8], [20.0, 268.8]], true],
]);

it('goes from corners that are known roughly to true ones, and says so where nothing is near them', function () {
    $fine = TableTop::seen(TableTop::SHEET);
    $rough = array_map(static fn (array $at): array => [$at[0] + 5, $at[1] - 4], TableTop::SHEET);
    $found = SheetFinder::from($rough, $fine, TableTop::WIDE, TableTop::HIGH);
    foreach (TableTop::SHEET as $i => $corner) {
        expect($found->corners[$i])->toEqualWithDelta($corner, 0.1);
    }
    $astray = array_map(static fn (array $at): array => [$at[0] + 40, $at[1] + 40], TableTop::SHEET);
    expect(SheetFinder::from($astray, $fine, TableTop::WIDE, TableTop::HIGH))->toBeNull();
});

it('tells over how many samples light falls to dark', function (float $over) {
    $fine = TableTop::seen(TableTop::SHEET, over: $over);
    $found = SheetFinder::from(TableTop::SHEET, $fine, TableTop::WIDE, TableTop::HIGH);
    // t² (3 − 2t) is a fifth at t = 0.287, and four fifths at 0.713.
    expect($found->softness($fine, 1, 1))->toEqualWithDelta(0.426 * $over, 1.0);
})->with([2.0, 7.0, 14.0]);

it('lays a line through places by what lies off it, whichever way it runs', function (float $degrees) {
    [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
    // Places at −3 … 3 along it, in turn 0.1 to the left and to the right of it; seven times 0.01 is left.
    $at = static fn (int $i, float $beside): array => [5 + $i * $cos - $beside * $sin, 9 + $i * $sin + $beside * $cos];
    $places = array_map(static fn (int $i): array => $at($i, 0.1 * (-1) ** $i), range(-3, 3));
    $line = StraightLine::through($places);
    expect(hypot($line->nx, $line->ny))->toEqualWithDelta(1, 1e-12)
        ->and(abs($line->nx * $cos + $line->ny * $sin))->toEqualWithDelta(0, 1e-9)
        ->and(abs($line->beside(5 + 2 * $cos, 9 + 2 * $sin)))->toEqualWithDelta(0.1 / 7, 1e-9)
        // Seven places at ±0.1, less their mean: 7 · 0.01 − 7 · (0.1/7)².
        ->and($line->off)->toEqualWithDelta(0.07 - 0.01 / 7, 1e-9);
    $other = StraightLine::through([[0.0, 0.0], [-10 * $sin, 10 * $cos]]);
    [$x, $y] = $line->meets($other);
    expect(abs($line->beside($x, $y)))->toBeLessThan(1e-9)->and(abs($other->beside($x, $y)))->toBeLessThan(1e-9)
        ->and($line->meets(StraightLine::through([[0.0, 0.0], [10 * $cos, 10 * $sin]])))->toBeNull();
})->with([0.0, 31.0, 90.0, 135.0, -72.0]);

it('leaves slips out of a line, and keeps what merely scatters', function () {
    $on = array_map(static fn (int $i): array => [(float) $i, 0.05 * (-1) ** $i], range(0, 29));
    $slips = [[4.0, 6.0], [11.0, -5.0], [12.0, -5.5], [20.0, 3.0]];
    [$line, $kept] = StraightLine::without([...$on, ...$slips]);
    expect($kept)->toEqualCanonicalizing($on)->and(abs($line->beside(15.0, 0.0)))->toBeLessThan(0.01);
    // A quarter of a sample is no slip, however straight the rest lies.
    [, $kept] = StraightLine::without([...array_map(static fn (int $i): array => [(float) $i, 0.0], range(0, 29)), [15.0, 0.24]]);
    expect($kept)->toHaveCount(31);
    [, $kept] = StraightLine::without([...array_map(static fn (int $i): array => [(float) $i, 0.0], range(0, 29)), [15.0, 0.3]]);
    expect($kept)->toHaveCount(30);
});

it('bends and straightens by what it was given, to the same place', function () {
    // By the corners of a picture of 3000 × 4000 a lens of −0.1 shows what lies at 1 / 0.9 as far out.
    $lens = Lens::bent(-0.1, 3000, 4000);
    expect($lens->straighten(3000, 4000))->toEqualWithDelta([1500 + 1500 / 0.9, 2000 + 2000 / 0.9], 1e-9)
        ->and($lens->straighten(1500, 2000))->toEqualWithDelta([1500, 2000], 1e-9)
        ->and($lens->bend(...$lens->straighten(200, 3900)))->toEqualWithDelta([200, 3900], 1e-6);
});
