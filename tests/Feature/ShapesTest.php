<?php

use App\Adjusting\Adjustments;
use App\Documents\ChoicesReader;
use App\Documents\PlacedThings;
use Illuminate\Foundation\Testing\RefreshDatabase;
use InchLadder\Plan\Plan;
use InchLadder\Things\ShapeKind;
use InchLadder\Things\ShapeOnPaper;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Drawings;

uses(RefreshDatabase::class);

/** @return list<array{float, float}> an outline where it lies in the file */
function onFile(Plan $plan, ShapeOnPaper $shape): array
{
    [$a, $b, $c, $d, $e, $f] = $plan->layout->map()->cropToFile()->floats();

    return array_map(static fn (array $at): array => [$a * $at[0] + $b * $at[1] + $c, $d * $at[0] + $e * $at[1] + $f], $shape->outline());
}

/** The mean gap between two outlines, each place of one from the nearest of the other, along its polygon. */
function outlineGap(array $one, array $other): float
{
    $worst = 0.0;
    foreach ($one as [$x, $y]) {
        $near = INF;
        foreach ($other as $i => [$u, $v]) {
            [$p, $q] = $other[($i + 1) % count($other)];
            $t = max(0, min(1, (($x - $u) * ($p - $u) + ($y - $v) * ($q - $v)) / max(1e-12, ($p - $u) ** 2 + ($q - $v) ** 2)));
            $near = min($near, hypot($x - $u - $t * ($p - $u), $y - $v - $t * ($q - $v)));
        }
        $worst = max($worst, $near);
    }

    return $worst;
}

it('keeps a shape on what it was laid over, however the picture is held, cropped or stretched', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $share = static fn (float $from, float $to): float => $from + $random->getInt(0, 1000) / 1000 * ($to - $from);
    $hold = static fn (): array => [
        'photo' => ['kind' => 'screen', 'quarters' => $random->getInt(0, 3), 'mirrored' => $random->getInt(0, 1) === 1, 'straighten' => $random->getInt(-30, 30) / 10, 'border' => ['left' => $random->getInt(0, 5).' %', 'top' => $random->getInt(0, 5).' %']],
        'fit' => [['way' => 'crop'], ['way' => 'inset'], ['way' => 'stretch'], ['way' => 'crop', 'lock' => 'free', 'left' => '0.1', 'top' => '0.05', 'width' => '0.7', 'height' => '0.8']][$random->getInt(0, 3)],
        'paper' => ['sheet' => ['a3', 'letter', 'artist-18x24'][$random->getInt(0, 2)]],
    ];
    $kind = ShapeKind::cases()[$seed % 3];
    $read = ChoicesReader::read($hold(), 900, 1300);
    $read = Adjustments::apply('shape', $read, ['kind' => $kind->value, 'places' => [[$share(0.2, 0.4), $share(0.2, 0.8)], [$share(0.5, 0.8), $share(0.2, 0.8)], [$share(0.3, 0.7), $share(0.05, 0.15)]]], 900, 1300)->read;
    $plan = Plan::of($read->choices);
    $first = onFile($plan, ShapeOnPaper::in($plan->layout, $read->choices->shapes)[0]);
    for ($i = 0; $i < 4; $i++) {
        $read = PlacedThings::follow($read, ChoicesReader::read([...$read->document(), ...array_replace_recursive(array_intersect_key($read->document(), ['photo' => 0, 'fit' => 0, 'paper' => 0]), $hold())], 900, 1300), 900, 1300)->read;
        $plan = Plan::of($read->choices);
        $shape = ShapeOnPaper::in($plan->layout, $read->choices->shapes)[0];
        $now = onFile($plan, $shape);
        // An oval is read round from another place when its axes change over; its outline is the same.
        expect(max(outlineGap($now, $first), outlineGap($first, $now)))->toBeLessThan($kind === ShapeKind::Oval ? 0.004 : 0.000_05);
        // Read, stored and read again it is the same to a millionth.
        expect(ChoicesReader::read($read->document(), 900, 1300)->document()['shapes'])->toBe($read->document()['shapes']);
        // The widest and the narrowest of an oval, by going round it: what its width and height must be.
        if ($kind === ShapeKind::Oval) {
            [$wide, $high] = [$plan->layout->fitted->area->width->toFloat(), $plan->layout->fitted->area->height->toFloat()];
            $radii = array_map(static fn (array $at): float => hypot($at[0] * $wide - $shape->x, $at[1] * $high - $shape->y), $shape->outline());
            expect(2 * max($radii))->toEqualWithDelta(max($shape->width(), $shape->height()), 0.01 * max($radii))->and(2 * min($radii))->toEqualWithDelta(min($shape->width(), $shape->height()), 0.01 * max($radii));
        }
    }
})->with(seeds(10, 24));

it('tells a level oval and a leaning box at the size they have on paper', function () {
    $drawing = Drawings::begin(['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '5 in'], 'paper' => ['sheet' => null, 'width' => '12 in', 'height' => '12 in', 'margins' => ['top' => '1 in', 'right' => '1 in', 'bottom' => '1 in', 'left' => '1 in']], 'fit' => ['way' => 'crop', 'cell' => null],
        'shapes' => [
            // On 10 in of drawing: 4 in wide, 2 in high.
            ['name' => 'rim', 'kind' => 'oval', 'places' => '0.5 0.3, 0.7 0.3, 0.5 0.2'],
            ['name' => 'book', 'kind' => 'box', 'places' => '0.5 0.7, 0.6 0.8, 0.45 0.75'],
            ['name' => 'roof', 'kind' => 'triangle', 'places' => '0.5 0.5, 0.7 0.5, 0.5 0.4'],
        ]]);
    $shapes = test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json('workings.shapes');
    expect(array_column($shapes, 'size'))->toBe(['4 in wide, 2 in high', '2 13/16 in wide, 1 7/16 in high', '4 in wide, 2 in high'])
        ->and(array_column($shapes, 'tilt'))->toBe(['level', 'falls to the right by 45°', 'level'])
        ->and($shapes[0]['centre'])->toBe('centre 5 in right and 3 in down in the drawing (on the sheet 6 in right, 4 in down)')
        ->and($shapes[2]['outline'])->toBe([[0.5, 0.4], [0.7, 0.6], [0.3, 0.6]]);
    // They are on the list of what comes off.
    $guides = collect(test()->getJson("/api/drawings/{$drawing->id}/finish")->json())->firstWhere('key', 'guides');
    expect(array_column($guides['parts'], 'label'))->toContain('the 3 shapes you laid over');
});

it('refuses a shape that is flat or nowhere, in a sentence', function (mixed $places) {
    $drawing = Drawings::begin(['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in']]);
    $choices = [...$drawing->document(), 'shapes' => [['name' => 'flat', 'kind' => 'oval', 'places' => $places]]];
    expect(test()->putJson("/api/drawings/{$drawing->id}", ['version' => $drawing->version, 'choices' => $choices])->assertUnprocessable()->json('errors.shapes.0'))->toContain('flat');
})->with(['0.1 0.1, 0.2 0.2, 0.3 0.3', '0.1 0.1, 0.1 0.1, 0.1 0.1', '0.1 0.1', '', null, 7]);
