<?php

use InchLadder\Colour\Box;
use InchLadder\Colour\Described;
use InchLadder\Colour\Hue;
use InchLadder\Colour\Kind;
use InchLadder\Colour\Laid;
use InchLadder\Colour\Nearest;
use InchLadder\Colour\Neutral;
use InchLadder\Colour\Pencil;
use InchLadder\Colour\PencilUnusable;
use InchLadder\Colour\Reflectance;
use InchLadder\Colour\SwatchesUnreadable;
use InchLadder\Colour\SwatchPage;
use InchLadder\Pixels\Lab;

function seen(string $hex): Reflectance
{
    return Reflectance::ofHex($hex) ?? throw new InvalidArgumentException($hex);
}

/** W3C, CSS Color Module Level 4, §6.1: named colours, by what they are called there. */
const CSS_NAMED = [
    'red' => ['#ff0000', '#dc143c', '#b22222', '#8b0000'],
    'pink' => ['#ffc0cb', '#ffb6c1', '#ff69b4', '#ff1493'],
    'orange' => ['#ffa500', '#ff8c00', '#ff4500'],
    'brown' => ['#a52a2a', '#8b4513'],
    'yellow' => ['#ffff00', '#ffffe0', '#fafad2'],
    'olive' => ['#808000'],
    'yellow green' => ['#9acd32', '#adff2f'],
    'green' => ['#008000', '#00ff00', '#228b22', '#006400', '#90ee90', '#98fb98', '#2e8b57', '#3cb371', '#32cd32'],
    'blue green' => ['#008080', '#00ffff', '#008b8b', '#40e0d0', '#48d1cc'],
    'blue' => ['#0000ff', '#000080', '#191970', '#4169e1', '#4682b4', '#add8e6', '#87ceeb', '#00008b', '#0000cd', '#1e90ff', '#6495ed'],
    'violet' => ['#8a2be2', '#9400d3', '#4b0082'],
    'purple' => ['#800080', '#ff00ff', '#da70d6', '#8b008b'],
    'white' => ['#ffffff', '#f5f5f5', '#fffafa'], 'black' => ['#000000'], 'grey' => ['#808080', '#696969', '#a9a9a9', '#d3d3d3', '#dcdcdc'],
];

it('calls colours what they are called', function (string $name, string $hex) {
    expect(Hue::of(seen($hex)->lab())->value)->toBe($name);
})->with(array_merge(...array_map(fn (string $name, array $all) => array_combine(array_map(fn (string $hex) => "{$name} {$hex}", $all), array_map(fn (string $hex) => [$name, $hex], $all)), array_keys(CSS_NAMED), CSS_NAMED)));

it('tells how light and how strong', function () {
    $told = fn (string $hex): array => [Described::of(seen($hex)->lab())->lightness, Described::of(seen($hex)->lab())->strength];
    expect($told('#ffffff'))->toBe([0, 0])->and($told('#000000'))->toBe([4, 0])->and($told('#ff0000'))->toBe([2, 4])->and($told('#bc8f8f'))->toBe([2, 2]);
});

it('writes every colour as it was read', function () {
    mt_srand(41);
    for ($i = 0; $i < 400; $i++) {
        $hex = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        expect(seen($hex)->hex())->toBe($hex)->and(Reflectance::ofLab(seen($hex)->lab())->hex())->toBe($hex);
    }
    expect(Reflectance::ofHex('#12345'))->toBeNull()->and(Reflectance::ofHex("#123456\n"))->toBeNull();
});

/*
 * The function of P. Kubelka and F. Munk (1931), as tables of reflectance against K/S give it for opaque layers; from
 * memory of such tables (D. B. Judd and G. Wyszecki, Color in Business, Science and Industry, 3rd ed. 1975, appendix).
 */
it('agrees with tables of Kubelka and Munk', function (float $reflectance, float $ratio) {
    expect(Reflectance::ratio($reflectance))->toEqualWithDelta($ratio, 0.00005)
        ->and(Reflectance::fromRatio(Reflectance::ratio($reflectance)))->toEqualWithDelta($reflectance, 1e-12);
})->with([[0.05, 9.0250], [0.10, 4.0500], [0.20, 1.6000], [0.25, 1.1250], [0.30, 0.8167], [0.40, 0.4500], [0.50, 0.2500], [0.60, 0.1333], [0.70, 0.0643], [0.80, 0.0250], [0.90, 0.0056], [1.0, 0.0]]);

it('lets thin layers through, in either order, and lets body colour cover', function () {
    [$blue, $yellow, $white] = [seen('#3050b0'), seen('#f0d020'), seen('#ffffff')];
    $thin = fn (Reflectance $colour): Pencil => new Pencil('x', Kind::Thin, $colour);
    $over = Laid::mixture($thin($blue), $thin($yellow), $white);
    // Light that goes through both: the product, band by band; blue over yellow is a green.
    expect([$over->red, $over->green, $over->blue])->toEqualWithDelta([$blue->red * $yellow->red, $blue->green * $yellow->green, $blue->blue * $yellow->blue], 1e-12)
        ->and(Hue::of($over->lab()))->toBeIn([Hue::Green, Hue::YellowGreen])
        ->and(Laid::mixture($thin($yellow), $thin($blue), $white))->toEqualWithDelta($over, 1e-12);
    $body = fn (Reflectance $colour): Pencil => new Pencil('x', Kind::Body, $colour);
    foreach (['#ffffff', '#26241f', '#d6bf9b'] as $paper) {
        expect($body($yellow)->on(seen($paper)))->toEqual($yellow);
    }
    $one = Laid::mixture($body($yellow), $body($blue), $white);
    $other = Laid::mixture($body($blue), $body($yellow), $white);
    expect($one->lab()->differenceTo($yellow->lab()))->toBeLessThan($other->lab()->differenceTo($yellow->lab()))
        ->and($other->lab()->differenceTo($blue->lab()))->toBeLessThan($one->lab()->differenceTo($blue->lab()));
});

it('finds the nearest by trying all there are', function (int $seed) {
    mt_srand($seed);
    $share = fn (): float => mt_rand(20, 980) / 1000;
    $pencils = array_map(fn (int $i): Pencil => new Pencil("p{$i}", [Kind::Thin, Kind::Body][mt_rand(0, 1)], new Reflectance($share(), $share(), $share()), mt_rand(0, 1) === 0 ? null : new Reflectance(0.9, 0.8, 0.7)), range(1, 9));
    [$paper, $wanted] = [new Reflectance(0.8, 0.75, 0.6), new Lab(mt_rand(20, 80), mt_rand(-40, 40), mt_rand(-40, 40))];
    $found = Nearest::to($wanted, $pencils, $paper);
    $alone = $two = [];
    foreach ($pencils as $upper) {
        $alone[] = $upper->on($paper)->lab()->differenceTo($wanted);
        $alone[] = $upper->on($paper, true)->lab()->differenceTo($wanted);
        foreach ($pencils as $under) {
            foreach ([[false, false], [false, true], [true, false], [true, true]] as [$lightly, $underLightly]) {
                $two[] = $upper === $under ? INF : Laid::mixture($upper, $under, $paper, $lightly, $underLightly)->lab()->differenceTo($wanted);
            }
        }
    }
    expect($found->alone->off)->toEqualWithDelta(min($alone), 1e-9)->and($found->two?->off ?? min($two))->toEqualWithDelta(min($two), 1e-9)
        ->and($found->two === null)->toBe(min($two) >= min($alone) - 1.0);
})->with(range(1, 12));

it('has no nearest of none, and none over itself', function () {
    expect(Nearest::to(new Lab(50, 0, 0), [], seen('#ffffff')))->toBeNull()
        ->and(Nearest::to(new Lab(50, 0, 0), [new Pencil('only', Kind::Thin, seen('#777777'))], seen('#ffffff'))->two)->toBeNull();
});

it('mixes grey from two across the circle, and from no others', function () {
    $pencil = fn (string $hex): Pencil => new Pencil($hex, Kind::Thin, seen($hex));
    $red = $pencil('#d05040');
    $green = $pencil('#4fa0a8');
    $grey = $pencil('#808080');
    $found = Neutral::of(35.0, [$red, $green, $grey, $pencil('#e0c020')], seen('#ffffff'));
    expect($found->plain->upper)->toBe($grey)->and([$found->mixed->upper->name, $found->mixed->under->name])->toEqualCanonicalizing([$red->name, $green->name])
        ->and(Neutral::of(35.0, [$red, $pencil('#e0c020')], seen('#ffffff'))->mixed)->toBeNull();
    // The complement is as light and as strong, and its own complement is the colour itself.
    $lab = $red->firm->lab();
    $across = Described::of($lab)->complement();
    expect([$across->lightness, $across->chroma()])->toEqualWithDelta([$lab->lightness, $lab->chroma()], 1e-9)
        ->and(abs($across->hueAngle() - $lab->hueAngle()))->toEqualWithDelta(180, 1e-9)
        ->and(Neutral::areComplements($lab, $across))->toBeTrue();
});

it('lays swatches out so that nothing lies over anything, on any page that has room', function (float $wide, float $high) {
    $page = SwatchPage::on($wide, $high);
    $box = fn (array $at): array => [$at[0], $at[1], $at[0] + SwatchPage::BOX_WIDE, $at[1] + SwatchPage::BOX_HIGH];
    $all = array_map(fn (int $step) => $box($page->wedge($step)), array_keys(SwatchPage::WEDGE));
    foreach (range(0, $page->holds() - 1) as $place) {
        array_push($all, $box($page->box($place, false)), $box($page->box($place, true)));
    }
    $half = SwatchPage::SQUARE / 2;
    foreach (range(0, SwatchPage::BITS - 1) as $bit) {
        [$x, $y] = $page->square($bit);
        $all[] = [$x - $half, $y - $half, $x + $half, $y + $half];
    }
    foreach ($all as $i => [$left, $top, $right, $bottom]) {
        expect(min($left, $top, $wide - $right, $high - $bottom))->toBeGreaterThan(10.0);
        foreach (array_slice($all, $i + 1) as [$l, $t, $r, $b]) {
            // Bare paper beside each box is what tells its light: a gap's breadth between boxes, none between squares.
            expect($left < $r - 1e-6 && $l < $right - 1e-6 && $top < $b - 1e-6 && $t < $bottom - 1e-6)->toBeFalse();
        }
    }
})->with(['letter' => [215.9, 279.4], 'a4' => [210.0, 297.0], 'a3' => [297.0, 420.0], 'a5' => [148.0, 210.0], 'sideways' => [279.4, 215.9], 'tabloid' => [279.4, 431.8]]);

it('has no page of swatches where there is no room', function () {
    expect(SwatchPage::on(100, 150))->toBeNull()->and(SwatchPage::on(148, 90))->toBeNull();
});

it('knows its own pages by their squares, and no others', function () {
    $names = ['2B', 'HB', '黄土色'];
    mt_srand(8);
    foreach (range(0, 15) as $page) {
        $bits = SwatchPage::code('01HZX', $names, $page);
        expect(SwatchPage::isCode($bits))->toBeTrue()->and(SwatchPage::page($bits, '01HZX', $names))->toBe($page)
            ->and(fn () => SwatchPage::page($bits, '01HZY', $names))->toThrow(SwatchesUnreadable::class)
            ->and(fn () => SwatchPage::page($bits, '01HZX', ['2B', 'HB']))->toThrow(SwatchesUnreadable::class);
        // One square misread is found out.
        $one = mt_rand(0, 31);
        $bits[$one] = ! $bits[$one];
        expect(SwatchPage::isCode($bits))->toBeFalse();
    }
});

it('lays body colour lightly between its ground and itself, whichever is the darker', function (string $colour, string $ground, ?string $soft) {
    [$own, $bare] = [seen($colour), seen($ground)];
    $pencil = new Pencil('x', Kind::Body, $own, $soft === null ? null : seen($soft));
    $laid = $pencil->on($bare, true);
    foreach (['red', 'green', 'blue'] as $band) {
        expect($laid->{$band})->toBeGreaterThanOrEqual(min($own->{$band}, $bare->{$band}) - 1e-9)->toBeLessThanOrEqual(max($own->{$band}, $bare->{$band}) + 1e-9);
    }
    // It shows: neither the ground alone nor the colour alone; and on white it is what was seen on white.
    expect($laid->lab()->differenceTo($bare->lab()))->toBeGreaterThan(3.0)->and($laid->lab()->differenceTo($own->lab()))->toBeGreaterThan(3.0);
    $soft === null || expect($pencil->on(seen('#ffffff'), true)->lab()->differenceTo(seen($soft)->lab()))->toBeLessThan(6.0);
    // Over another layer as over paper of that colour.
    expect(Laid::mixture($pencil, new Pencil('under', Kind::Body, $bare), seen('#808080'), true))->toEqual($laid);
})->with([
    'white on black' => ['#f6f4ee', '#26241f', null], 'black on white' => ['#1c1b1a', '#ffffff', '#8f8e8d'], 'blue on tan' => ['#4068a0', '#d6bf9b', '#b5c3d8'], 'straw on blue grey' => ['#d9b75a', '#707c88', null],
]);

it('calls an orange pencil orange, however firmly it is pressed', fn (string $hex) => expect(Hue::of(seen($hex)->lab()))->toBe(Hue::Orange))->with(['#f28c38', '#e8641b', '#e5701f', '#ff5a1f', '#f7a35c']);

it('strengthens a colour and keeps its hue', function (string $hex) {
    $lab = seen($hex)->lab();
    $stronger = Described::of($lab)->stronger();
    expect($stronger->isShown())->toBeTrue()->and($stronger->chroma())->toBeGreaterThanOrEqual($lab->chroma() - 1e-6)->toBeLessThanOrEqual(2.5 * $lab->chroma() + 1e-6)
        ->and($stronger->hueAngle())->toEqualWithDelta($lab->hueAngle(), 0.01)->and($stronger->lightness)->toBe($lab->lightness)
        // As it is shown, by bytes, it is of that hue still.
        ->and(abs(Lab::fromSrgb(...array_map(hexdec(...), str_split(substr(Reflectance::ofLab($stronger)->hex(), 1), 2)))->hueAngle() - $lab->hueAngle()))->toBeLessThan(1.5);
})->with(['#f28c38', '#c07a4e', '#8fa7b8', '#9c5d3b', '#d8c9b0']);

it('comes nearer by laying one of two lightly, either of them', function (string $wanted, float $most) {
    $twelve = array_map(fn (string $hex): Pencil => new Pencil($hex, Kind::Thin, seen($hex)), ['#d6402e', '#e8641b', '#f3c22b', '#7fae3a', '#2e7d4f', '#2d8fa3', '#2f5fa8', '#5b4a9c', '#8e3f80', '#8a5a35', '#5a4030', '#3a3836']);
    $found = Nearest::to(seen($wanted)->lab(), $twelve, seen('#ffffff'));
    $firm = INF;
    foreach ($twelve as $i => $upper) {
        foreach (array_slice($twelve, $i + 1) as $under) {
            $firm = min($firm, Laid::over($upper, $under, seen('#ffffff'), seen($wanted)->lab())->off);
        }
    }
    expect(min($found->alone->off, $found->two->off ?? INF))->toBeLessThan(min($most, $firm));
})->with([['#966c51', 9.0], ['#9c5d3b', 6.0], ['#708070', 9.0]]);

it('mixes grey of the lightness that is asked for, where one of two can be laid lightly', function (float $lightness) {
    $pencil = fn (string $hex): Pencil => new Pencil($hex, Kind::Thin, seen($hex));
    $mixed = Neutral::of($lightness, [$pencil('#d05040'), $pencil('#4fa0a8'), $pencil('#8e3f80'), $pencil('#3f8e50')], seen('#ffffff'))->mixed;
    expect(abs($mixed->seen->lab()->lightness - $lightness))->toBeLessThan(12.0);
})->with([35.0, 45.0, 56.0]);

it('reads a box of pencils as it is typed', function (string $typed, array $names, array $colours = []) {
    $box = Box::read($typed);
    expect($box->names())->toBe($names)->and(array_map(fn ($one) => $one->hex(), array_values(array_filter($box->pencils))))->toBe($colours);
})->with([
    'one' => ['HB', ['HB']],
    'a list' => ["HB, 2B;4B\n 6B ,,", ['HB', '2B', '4B', '6B']],
    // From the hardest to the softest, as the packets have them.
    'grades' => ['2H to 2B', ['2H', 'H', 'F', 'HB', 'B', '2B']],
    'grades the other way' => ['b - h', ['B', 'HB', 'F', 'H']],
    'how many' => ['12', ['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12']],
    'numbers' => ['chalk 8 to 11', ['chalk 8', 'chalk 9', 'chalk 10', 'chalk 11']],
    'colours' => ['crimson #a02030, leaf green, Sky #3A7AC0', ['crimson', 'leaf green', 'Sky'], ['#a02030', '#3a7ac0']],
    'the same twice' => ['HB, HB, 2 to 3, 3', ['HB', '2', '3', '1']],
    'a name that is no grade' => ['3H to red', ['3H to red']],
    'another script' => ['深紅 #a02030, 葉 1 to 2', ['深紅', '葉 1', '葉 2'], ['#a02030']],
]);

it('refuses a box that is none', fn (string $typed, string $says) => expect(fn () => Box::read($typed))->toBeRefused(PencilUnusable::class, $says))->with([
    'nothing' => [' , ; ', 'a name of 1 to 60 letters'], 'a colour alone' => ['#a02030', 'a name of 1 to 60 letters'], 'no colour' => ['red #a0', '“#a0” is no colour'],
    'backwards' => ['chalk 9 to 3', '“chalk 9 to 3” is no run'], 'none' => ['0', '“0” is no run'], 'endless' => ['1 to 9999', 'up to 200'], 'a long name' => [str_repeat('a', 61), 'a name of 1 to 60 letters'],
]);
