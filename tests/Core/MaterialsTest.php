<?php

use InchLadder\Colour\Layer;
use InchLadder\Colour\Layers;
use InchLadder\Finish\Kit;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Transfer;
use InchLadder\Paper\Colour;
use InchLadder\Paper\Profile;
use InchLadder\Paper\Surface;
use InchLadder\Pixels\Field;
use InchLadder\Tone\Bar;
use InchLadder\Tone\KeptWhites;
use InchLadder\Tone\Reach;
use InchLadder\Tone\Tones;

it('says what in the layers of an area will not do, and at which', function (array $layers, array $troubles) {
    expect(Layers::troubles(array_map(Layer::from(...), $layers)))->toBe($troubles);
})->with([
    'none' => [[], []],
    'in their order' => [['groove', 'under', 'over', 'over', 'lift', 'blend', 'burnish'], []],
    'over what is burnished' => [['under', 'burnish', 'over'], [['after-burnish', 2]]],
    'over what is blended' => [['under', 'blend', 'over'], [['after-blend', 2]]],
    'a groove that comes late' => [['under', 'groove'], [['groove-late', 1]]],
    'under what lies over it' => [['over', 'under'], [['under-late', 1]]],
    'nothing there yet' => [['blend', 'lift', 'under'], [['nothing-yet', 0], ['nothing-yet', 1]]],
    'lifted when burnished' => [['under', 'burnish', 'lift'], [['lift-late', 2]]],
    'a tooth that is full' => [['under', 'over', 'over', 'over', 'over', 'over'], [['full', 5]]],
]);

it('offers each way to carry a study over once, the one that suits first, and none that speaks against itself first', function (Medium $medium, bool $light) {
    $ways = Transfer::ways($medium, $light);
    $against = array_map(static fn (Transfer $way): bool => $way->against($medium, $light) !== null, $ways);
    // All of them, and those that something speaks against after the others.
    expect($ways)->toHaveCount(5)->and(array_unique(array_column($ways, 'value')))->toHaveCount(5)
        ->and($against[0])->toBeFalse()->and($against)->toBe((function (array $all) {
            sort($all);

            return $all;
        })($against))
        ->and(Transfer::LightBox->against($medium, $light) === null)->toBe($light)
        // What leaves graphite behind is judged alike, whichever way it comes there.
        ->and(Transfer::Traced->against($medium, $light))->toBe(Transfer::DarkBack->against($medium, $light));
    foreach ($ways as $way) {
        // The shot comes before anything is done to the study, and where it lands before it is taken off.
        $at = array_flip($way->steps());
        expect($at['shot'])->toBe(0)->and($at['place'])->toBeLessThan($at['take-off'])->and($at['hinge'])->toBe($at['place'] + 1);
    }
})->with(Medium::cases())->with([true, false]);

it('draws apart where erasing would show', function (Surface $surface, bool $delicate, bool $apart) {
    expect((new Profile($surface, $delicate))->isDrawnApart())->toBe($apart);
})->with([
    [Surface::Toothed, false, false], [Surface::Toothed, true, true], [Surface::Smooth, false, false], [Surface::Watercolour, false, true], [Surface::Toned, false, true], [Surface::Print, false, true], [Surface::Canvas, false, false],
]);

it('takes a sheet that is neither white nor cream for toned, unless that was said', function (Colour $colour) {
    expect(Profile::of(null, $colour, false)->surface)->toBe($colour === Colour::White || $colour === Colour::Cream ? Surface::Toothed : Surface::Toned)
        ->and(Profile::of(Surface::Smooth, $colour, false)->surface)->toBe(Surface::Smooth);
})->with(Colour::cases());

it('marks the steps beyond what pencils reach, and none once the bar is set to it', function (int $steps, bool $paper, float $sheet, array $laid) {
    $bar = Bar::of($steps, $paper, $sheet);
    $reach = Reach::of($bar, $laid);
    $end = $bar->paperIsLight ? min($laid) : max($laid);
    foreach ($bar->boxes as $box) {
        $beyond = ! $box->isPaper && ($bar->paperIsLight ? $box->lightness < $end - 2 : $box->lightness > $end + 2);
        expect(in_array($box->number, $reach->out, true))->toBe($beyond);
    }
    expect($laid[$reach->by])->toBe($end);
    $set = Tones::of($steps, $paper, 1, $sheet, $end)->bar();
    expect(Reach::of($set, $laid)->out)->toBe([])
        // The order is kept, whatever the range.
        ->and(array_column($set->boxes, 'lightness'))->toBe((function (array $all) {
            rsort($all);

            return $all;
        })(array_column($set->boxes, 'lightness')));
})->with([
    'an H' => [5, true, 99.0, [52.0]], 'a box of three' => [9, false, 99.0, [40.0, 31.0, 60.0]], 'all that is wanted' => [5, true, 99.0, [12.0, 50.0]], 'on toned paper' => [7, true, 78.0, [33.0]],
    'white on black' => [5, true, 14.0, [70.0, 61.0]], 'white on black, not counted' => [10, false, 14.0, [88.0]],
]);

it('goes by no far end that was set for another sheet', function (float $end, float $paper) {
    expect(Tones::of(5, true, 1, $paper, $end)->bar()->boxes)->toEqual(Tones::of(5, true, 1, $paper)->bar()->boxes);
})->with(['of white, on black' => [24.0, 14.0], 'of black, on white' => [88.0, 99.0], 'nowhere' => [-3.0, 99.0]]);

it('leaves room between paper and the far end, however near one sets it', function (float $end) {
    $boxes = Tones::of(10, true, 1, 99.0, $end)->bar()->boxes;
    for ($i = 1; $i < count($boxes); $i++) {
        expect($boxes[$i]->lightness)->toBeLessThan($boxes[$i - 1]->lightness);
    }
})->with([-50.0, 0.0, 40.0, 99.0, 5000.0]);

it('lays ready what the sheet and the medium want', function (Medium $medium) {
    $small = Kit::for(size('8.5x11in'), $medium, true, false);
    $wall = Kit::for(size('90x120in'), $medium, false, true);
    expect($small)->toContain('sheet', 'board', 'ruler', 'guide-pencil', 'clean')->not->toContain('wall', 'long-ruler')
        ->and($wall)->toContain('wall', 'long-ruler')->not->toContain('guide-pencil', 'square')
        ->and(array_unique($small))->toHaveCount(count($small));
})->with(Medium::cases());

it('finds the whites that something lies on, and no others', function (int $seed) {
    mt_srand($seed);
    [$wide, $high] = [120, 90];
    $lightness = array_fill(0, $wide * $high, 98.0);
    $whites = $expected = [];
    foreach ([[0.05, 0.1], [0.4, 0.15], [0.7, 0.5], [0.1, 0.6]] as $i => [$left, $top]) {
        $whites[] = [$left, $top, 0.2, 0.2];
        $laid = [0.0, 2.0, 12.0, 40.0][mt_rand(0, 3)];
        // A line round it, which is no white gone; and something over more than half of it, or not.
        foreach (range(0, $high - 1) as $y) {
            foreach (range(0, $wide - 1) as $x) {
                [$u, $v] = [($x / $wide - $left) / 0.2, ($y / $high - $top) / 0.2];
                $inside = $u >= 0 && $v >= 0 && $u < 1 && $v < 1;
                $inside && $lightness[$y * $wide + $x] = min($u, $v, 1 - $u, 1 - $v) < 0.06 ? 40.0 : 98.0 - ($u < 0.75 ? $laid : 0.0) + mt_rand(-10, 10) / 10;
            }
        }
        $laid > 5 && $expected[] = $i;
    }
    $drawing = new Field($wide, $high, $lightness);
    expect(array_keys(array_filter($whites, static fn (array $white): bool => ! KeptWhites::isBare($drawing->part(...$white), 98.0))))->toBe($expected);
})->with(range(1, 8));
