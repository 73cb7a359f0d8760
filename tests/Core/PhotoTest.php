<?php

use InchLadder\Fit\Aim;
use InchLadder\Fit\Crop;
use InchLadder\Fit\Enlargement;
use InchLadder\Fit\InsetTooLarge;
use InchLadder\Fit\Ratio;
use InchLadder\Fit\RatioUnreadable;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Grid;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Placed;
use InchLadder\Layout\Region;
use InchLadder\Layout\RegionUse;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Measure\SimpleFraction;
use InchLadder\Measure\Unit;
use InchLadder\Photo\Border;
use InchLadder\Photo\BorderTooWide;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\Light;
use InchLadder\Photo\LightNowhere;
use InchLadder\Photo\PrintedPart;
use InchLadder\Photo\Reference;
use InchLadder\Photo\TooSteep;
use InchLadder\Photo\Turning;
use InchLadder\Pixels\Field;
use InchLadder\Pixels\MainEdges;
use Random\Engine\Mt19937;
use Random\Randomizer;

function share(string $number): Rational
{
    return Rational::of($number);
}

it('turns a drawn line level, or upright when it is nearer to that', function (float $across, float $down, float $degrees) {
    expect(Turning::levelling($across, $down))->toBe($degrees);
})->with([
    'level already' => [100, 0, 0.0], 'falling to the right by 1 in 100' => [100, 1, -0.57], 'rising' => [100, -1, 0.57],
    'drawn from right to left' => [-100, -1, -0.57], 'an upright wall leaning right at the top' => [-1, 100, -0.57], 'leaning left' => [1, 100, 0.57], 'drawn upwards' => [1, -100, -0.57],
]);

it('keeps a rectangle that lies inside the turned picture and touches it', function (Keep $keep, int $wide, int $high, float $degrees) {
    [$width, $height] = $keep->inside($wide, $high, deg2rad($degrees));
    [$sin, $cos] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];
    $reach = [$width * $cos + $height * $sin, $width * $sin + $height * $cos];
    expect($reach[0])->toBeLessThanOrEqual($wide + 1e-6)->and($reach[1])->toBeLessThanOrEqual($high + 1e-6)
        ->and(min($wide - $reach[0], $high - $reach[1]))->toBeLessThan(1e-6);
    if ($keep === Keep::Shape) {
        expect($width / $height)->toEqualWithDelta($wide / $high, 1e-9);
    } else {
        // No rectangle tried by brute force is larger.
        for ($w = $wide / 200; $w < $wide; $w += $wide / 200) {
            $h = min(($wide - $w * $cos) / $sin, ($high - $w * $sin) / $cos);
            expect($w * max(0, $h))->toBeLessThanOrEqual($width * $height + 1e-6);
        }
    }
})->with(Keep::cases())->with([
    [4000, 3000, 1.5],
    [3000, 4000, 10.0],
    [1000, 1000, 7.0],
    [8000, 500, 15.0],
    [500, 8000, 15.0],
]);

it('refuses to straighten what wants a quarter turn', fn () => expect(fn () => Turning::of(0, false, 15.1, Keep::Shape))->toBeRefused(TooSteep::class, 'Turn the photo by a quarter first'));

it('frames a picture: turned by quarters, straightened, its border left off', function (Framing $framing, int $wide, int $high) {
    $whole = Reference::onScreen(...$framing->turning->quarterTurned(4000, 3000));
    $picture = $framing->within($whole);
    expect([$picture->pixelsWide, $picture->pixelsHigh])->toBe([$wide, $high]);
    // What is cut from the file is what the plan counts with.
    $cut = $framing->pixels(4000, 3000);
    expect([$cut['width'], $cut['height']])->toBe([$wide, $high]);
})->with([
    'as it lies' => [Framing::plain(), 4000, 3000],
    'a quarter' => [new Framing(Turning::of(1, false, 0, Keep::Shape), Border::none()), 3000, 4000],
    'three quarters back' => [new Framing(Turning::of(-3, true, 0, Keep::Shape), Border::none()), 3000, 4000],
    'a tenth of border all round' => [new Framing(Turning::none(), Border::of(share('0.1'), share('0.1'), share('0.1'), share('0.1'))), 3200, 2400],
    'two degrees, its own shape' => [new Framing(Turning::of(0, false, 2, Keep::Shape), Border::none()), 3824, 2868],
    'the largest' => [new Framing(Turning::of(0, false, 2, Keep::Largest), Border::none()), 3902, 2865],
]);

it('takes a print’s border off the print as well', function () {
    $print = (new Framing(Turning::none(), Border::of(share('0.1'), share('0'), share('0.1'), share('0.05'))))->within(Reference::printed(size('10x8in'), 3000, 2400));
    expect($print->print)->toEqual(size('9.5x6.4in'))->and($print->pixelsWide)->toBe(2850);
});

it('refuses a border that leaves no picture', fn (string $left, string $right) => Border::of(share('0'), share($right), share('0'), share($left)))
    ->with([
        ['0.5', '0.5'],
        ['0.91', '0'],
        ['-0.1', '0'],
    ])->throws(BorderTooWide::class);

it('moves the crop until a point is where it is wanted, as far as the photo allows', function (string $x, string $y, string $left, string $top, string $missed) {
    $aim = Aim::atCentre(Crop::at(null, null, share('1/2'), share('1/2')), share($x), share($y));
    expect("{$aim->crop->left} {$aim->crop->top}")->toBe("{$left} {$top}")
        ->and("{$aim->missedAcross} {$aim->missedDown}")->toBe($missed)
        ->and($aim->hits())->toBe($missed === '0 0');
})->with([
    'well inside' => ['0.4', '0.6', '3/20', '7/20', '0 0'],
    'too near the left' => ['0.1', '0.5', '0', '1/4', '-3/10 0'],
    'in the far corner' => ['1', '1', '1/2', '1/2', '1/2 1/2'],
]);

it('puts a point on the crossing of thirds it is nearest to', function () {
    $aim = Aim::atNearestThird(Crop::at(null, null, share('1/2'), share('1/2')), share('0.55'), share('0.4'));
    expect("{$aim->crop->left} {$aim->crop->top}")->toBe('13/60 7/30')->and($aim->hits())->toBeTrue();
});

it('reads a shape as people write it', function (string $text, string $ratio) {
    expect((string) Ratio::read($text, new LengthReader(Unit::Inch)))->toBe($ratio);
})->with([
    ['4:5', '4/5'],
    ['3 to 2', '3/2'],
    ['1,5', '3/2'],
    ['8x10in', '4/5'],
    ['a4', '70/99'],
    ['2.35 : 1', '47/20'],
]);

it('refuses what is no shape', fn (string $text) => expect(fn () => Ratio::read($text, new LengthReader(Unit::Inch)))->toBeRefused(RatioUnreadable::class, 'Write it like 4:5'))
    ->with([
        'wide',
        '0:5',
        '5:0',
        '',
        '1:51',
        '4:',
    ]);

it('finds how far along the diagonal a width reaches', function () {
    $reach = Inset::reach(Reference::printed(size('8x10in')), size('9x11in'), length('4.4 in'));
    expect((string) $reach)->toBe('1/2');
});

it('says how large the paper takes the whole photo', fn () => expect(fn () => Inset::reach(Reference::printed(size('8x10in')), size('9x11in'), length('9 in')))->toBeRefused(InsetTooLarge::class, 'at 8.8 × 11 in (22.4 × 27.9 cm) at most'));

it('tells an enlargement from the same added to both sides', function (string $picture, string $wanted, bool $true, bool $adds, string $height, string $width) {
    $found = Enlargement::of(size($picture), size($wanted));
    expect($found->isTrue())->toBe($true)
        ->and($found->addsTheSame)->toBe($adds)
        ->and($found->trueHeight)->toBeLength($height)
        ->and($found->trueWidth)->toBeLength($width);
})->with([
    // Common practice: 15 × 10 cm with 10 cm added to each side is 25 × 20; the true height for 25 is 16⅔ cm.
    'added' => ['15x10cm', '25x20cm', false, true, '50/3 cm', '30 cm'],
    'multiplied' => ['15x10cm', '30x20cm', true, false, '20 cm', '30 cm'],
    // Common practice: 8 × 10 on to 9 × 11: in proportion it is 9 × 11¼ or 8⅘ × 11.
    'an inch more each way' => ['8x10in', '9x11in', false, true, '11.25 in', '8.8 in'],
    'a square stays one' => ['5x5in', '7x7in', true, true, '7 in', '7 in'],
]);

it('places a point in the crop, and knows when it is cropped away', function (string $x, string $placed, bool $inside) {
    $found = Placed::in(Crop::at(share('1/4'), share('0'), share('1/2'), share('1')), new KeyPoint('eye', share($x), share('1/2'), true));
    expect((string) $found->x)->toBe($placed)->and($found->isInside())->toBe($inside);
})->with([
    ['1/2', '1/2', true],
    ['1/4', '0', true],
    ['3/4', '1', true],
    ['0', '-1/2', false],
    ['1', '3/2', false],
]);

it('finds the nearest line', function (string $at, int $line, string $off) {
    [$found, $beyond] = Placed::nearestLine(Grid::even(Cells::of(4, 4))->columns, share($at));
    expect($found)->toBe($line)->and((string) $beyond)->toBe($off);
})->with([
    ['0.3', 1, '1/20'],
    ['1', 4, '0'],
    ['0.45', 2, '-1/20'],
]);

it('spares the cells that lie wholly in what is not to be drawn', function (array $box, array $cells) {
    $region = new Region(...array_map(share(...), $box), use: RegionUse::NotNeeded);
    expect($region->cells(Crop::whole(), Grid::even(Cells::of(4, 4))))->toBe($cells);
})->with([
    [['0', '0', '1/2', '1/4'], [0, 1]],
    [['0.1', '0', '1/2', '1/2'], [1, 5]],
    [['0.3', '0.3', '0.1', '0.1'], []],
    [['0', '0', '1', '1'], range(0, 15)],
]);

it('finds the nearest fraction an eye can judge', function (string $share, string $fraction, string $off) {
    $found = SimpleFraction::nearest(share($share));
    expect((string) $found->fraction)->toBe($fraction)->and((string) $found->off)->toBe($off);
})->with([
    ['0.34', '1/3', '1/150'],
    ['0.5', '1/2', '0'],
    ['0.38', '3/8', '1/200'],
    ['0.39', '2/5', '-1/100'],
    ['0.61', '3/5', '1/100'],
    ['0', '0', '0'],
]);

it('finds the edges of the big masses, and no texture', function () {
    // Sky 220, hills 120 from row 40, ground 60 from row 70; one dark post from column 50 to 54, and speckles.
    $pixels = [];
    for ($y = 0; $y < 100; $y++) {
        for ($x = 0; $x < 80; $x++) {
            $pixels[] = max(0, ($x >= 50 && $x < 54 ? 10 : ($y < 40 ? 220 : ($y < 70 ? 120 : 60))) + (($x + $y) % 2 === 0 ? 9 : -9));
        }
    }
    $level = array_column(MainEdges::level(new Field(80, 100, $pixels), 5), 0);
    expect($level)->toBe([0.4, 0.7]);
    $upright = array_column(MainEdges::level((new Field(80, 100, $pixels))->transposed(), 5), 0);
    expect(count($upright))->toBe(1)->and($upright[0])->toBeGreaterThanOrEqual(0.625)->toBeLessThanOrEqual(0.675);
});

it('names the side the light comes from, an eighth of a turn each', function () {
    // Every degree, against the nearest of eight unit vectors.
    $sides = ['right' => [1, 0], 'lower-right' => [1, 1], 'below' => [0, 1], 'lower-left' => [-1, 1], 'left' => [-1, 0], 'upper-left' => [-1, -1], 'above' => [0, -1], 'upper-right' => [1, -1]];
    for ($degree = -179.7; $degree < 180; $degree++) {
        [$x, $y] = [cos(deg2rad($degree)), sin(deg2rad($degree))];
        uasort($sides, static fn (array $a, array $b): int => ($b[0] * -$x + $b[1] * -$y) / hypot(...$b) <=> ($a[0] * -$x + $a[1] * -$y) / hypot(...$a));
        expect(Light::falling($x, $y)->from())->toBe(array_key_first($sides));
    }
    expect(fn () => Light::falling(0, 0))->toBeRefused(LightNowhere::class, 'draw it from where it comes');
});

it('shows of the photo what a trimmed print shows: inside it, in the print’s own shape, as near to what is wanted as there is', function (int $seed) {
    $random = new Randomizer(new Mt19937(700 + $seed));
    $share = fn (int $least, int $most): Rational => Rational::nd($random->getInt($least, $most), 1000);
    [$print, $photo, $left, $top, $width] = [$share(400, 2500), $share(400, 2500), $share(-200, 1200), $share(-200, 1200), $share(1, 1300)];
    $part = PrintedPart::of($left, $top, $width, $print, $photo);
    [$l, $t, $w, $h] = array_map(fn (Rational $one) => $one->toFloat(), [$part->left, $part->top, $part->width, $part->height]);
    expect(min($l, $t))->toBeGreaterThanOrEqual(0.0)->and($l + $w)->toBeLessThanOrEqual(1.000002)->and($t + $h)->toBeLessThanOrEqual(1.000002)
        // The print's shape, told in pixels.
        ->and($w / $h * $photo->toFloat())->toEqualWithDelta($print->toFloat(), 0.0005 * $print->toFloat());
    // Larger than there is, it takes one side whole.
    if ($width->toFloat() >= 1) {
        expect(max($w, $h))->toEqualWithDelta(1.0, 1e-6);
    } elseif ($w > 0.0501 && $w < 0.999 && $h < 0.999) {
        expect($w)->toEqualWithDelta($width->toFloat(), 1e-6);
    }
    if ($left->toFloat() >= 0 && $left->toFloat() + $w <= 1) {
        expect($l)->toEqualWithDelta($left->toFloat(), 1e-6);
    }
})->with(range(1, 40));
