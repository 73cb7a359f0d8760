<?php

use App\Adjusting\Adjustments;
use App\Documents\BestPlan;
use App\Documents\ChoicesReader;
use App\Documents\PlacedThings;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use InchLadder\Layout\Affine;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Drawings;
use Tests\Photos;

/*
 * What was placed on the picture stays on it, whatever becomes of the crop, the grid, or the way
 * the picture is held; and it is back where it was when all of that is taken back.
 */

const WIDE = 1500;
const HIGH = 1000;

/** @return array<string, mixed> */
function documentOf(ChoicesReader $read): array
{
    return json_decode(json_encode($read->json), true);
}

/** A drawing with one or two of everything that can be placed. */
function placed(Randomizer $random): ChoicesReader
{
    $share = static fn (float $from = 0.05, float $to = 0.95): string => number_format($from + ($random->getInt(0, 1000) / 1000 * 1) * ($to - $from), 4);
    $print = $random->getInt(0, 1) === 1;

    return ChoicesReader::read([
        'unit' => $print ? 'in' : 'cm', 'ruler' => $print ? '1/16 in' : '1 mm',
        'photo' => $print ? ['kind' => 'print', 'width' => '9 in', 'height' => '6 in'] : ['kind' => 'screen'],
        'paper' => ['sheet' => ['a3', 'letter', 'artist-18x24'][$random->getInt(0, 2)]],
        'fit' => ['way' => 'crop', 'lock' => 'free', 'left' => $share(0, 0.3), 'top' => $share(0, 0.3), 'width' => $share(0.5, 0.6), 'height' => $share(0.5, 0.6)],
        'grid' => [
            'school' => ['count', 'proportional', 'measure', 'main', 'axes', 'thirds'][$random->getInt(0, 5)], 'columns' => $random->getInt(3, 7), 'rows' => $random->getInt(3, 7), 'cell' => '3/4 in',
            'x' => $share(0.2, 0.8), 'y' => $share(0.2, 0.8), 'main_across' => [$share(), $share()], 'main_down' => [$share()],
            'part' => $random->getInt(0, 1) === 1 ? ['left' => $share(0.1, 0.4), 'top' => $share(0.1, 0.4), 'width' => $share(0.3, 0.5), 'height' => $share(0.3, 0.5)] : null,
        ],
        'points' => [['name' => 'a', 'x' => $share(), 'y' => $share()], ['name' => 'b', 'x' => $share(), 'y' => $share()]],
        'spans' => [['name' => 's', 'x1' => $share(), 'y1' => $share(), 'x2' => $share(), 'y2' => $share()]],
        'regions' => [['left' => $share(0.1, 0.5), 'top' => $share(0.1, 0.5), 'width' => $share(0.1, 0.4), 'height' => $share(0.1, 0.4), 'use' => 'not needed']],
        'crops' => [['name' => 'kept', 'fit' => ['way' => 'crop', 'lock' => 'free', 'left' => $share(0, 0.3), 'top' => $share(0, 0.3), 'width' => '0.5', 'height' => '0.4']]],
    ], WIDE, HIGH);
}

function turned(ChoicesReader $read, string $way): ChoicesReader
{
    return ChoicesReader::read(json_decode(json_encode(Adjustments::apply('turn', $read, ['way' => $way], WIDE, HIGH)->read->json), true), WIDE, HIGH);
}

/**
 * Where everything lies in the file, by name; boxes by their middle.
 *
 * @return array<string, array{float, float}>
 */
function whereabouts(ChoicesReader $read): array
{
    $plan = Plan::of($read->choices);
    $map = $plan->layout->map();
    $json = documentOf($read);
    $on = static function (Affine $affine, string $x, string $y): array {
        return array_map(static fn (Rational $share): float => $share->toFloat(), $affine->apply(Rational::of($x), Rational::of($y)));
    };
    $middle = static fn (array $box): array => [(string) Rational::of($box['left'])->plus(Rational::of($box['width'])->dividedBy(2)), (string) Rational::of($box['top'])->plus(Rational::of($box['height'])->dividedBy(2))];
    $crop = static fn (array $fit): array => $middle(['left' => $fit['left'], 'top' => $fit['top'], 'width' => $fit['width'], 'height' => $fit['height']]);
    $found = ['axes' => $on($map->cropToFile(), $json['grid']['x'], $json['grid']['y']), 'crop' => $on($map->pictureToFile(), ...$crop($json['fit'])), 'kept crop' => $on($map->pictureToFile(), ...$crop($json['crops'][0]['fit']))];
    foreach ($json['points'] as $point) {
        $found["point {$point['name']}"] = $on($map->pictureToFile(), $point['x'], $point['y']);
    }
    $found['span from'] = $on($map->pictureToFile(), $json['spans'][0]['x1'], $json['spans'][0]['y1']);
    $found['span to'] = $on($map->pictureToFile(), $json['spans'][0]['x2'], $json['spans'][0]['y2']);
    $found['region'] = $on($map->pictureToFile(), ...$middle($json['regions'][0]));
    if ($json['grid']['part'] !== null) {
        $found['part'] = $on($map->cropToFile(), ...$middle($json['grid']['part']));
    }

    return $found;
}

it('keeps everything placed on its place on the picture, through random changes', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $read = placed($random);
    $before = whereabouts($read);
    for ($i = 0; $i < 6; $i++) {
        $what = ['left', 'right', 'mirror', 'straighten', 'border', 'crop', 'regrid', 'paper'][$random->getInt(0, 7)];
        $document = documentOf($read);
        if (in_array($what, ['left', 'right', 'mirror'], true)) {
            $read = turned($read, $what);
        } else {
            $changed = match ($what) {
                'straighten' => ['photo' => ['straighten' => $random->getInt(-40, 40) / 10]],
                'border' => ['photo' => ['border' => ['left' => $random->getInt(0, 6).' %', 'top' => $random->getInt(0, 6).' %']]],
                'crop' => ['fit' => ['left' => number_format(($random->getInt(0, 1000) / 1000 * 0.3), 3), 'width' => number_format(0.5 + ($random->getInt(0, 1000) / 1000 * 0.2), 3)]],
                'regrid' => ['grid' => ['columns' => $random->getInt(3, 8), 'rows' => $random->getInt(3, 8)]],
                default => ['paper' => ['sheet' => ['a4', 'letter'][$random->getInt(0, 1)]]],
            };
            $read = PlacedThings::follow($read, BestPlan::read(array_replace_recursive($document, $changed), WIDE, HIGH), WIDE, HIGH)->read;
        }
        $after = whereabouts($read);
        foreach ($before as $name => [$x, $y]) {
            if ($name === 'crop') {
                continue;
            }
            expect($after[$name][0])->toEqualWithDelta($x, 2e-5 * ($i + 2), "{$name} after {$what}, across")
                ->and($after[$name][1])->toEqualWithDelta($y, 2e-5 * ($i + 2), "{$name} after {$what}, down");
        }
    }
})->with(seeds(24, 60));

it('brings everything back exactly when turns and mirrorings are taken back', function (int $seed) {
    $random = new Randomizer(new Mt19937(1000 + $seed));
    $first = placed($random);
    $ways = array_map(static fn (): string => ['left', 'right', 'mirror'][$random->getInt(0, 2)], range(1, 4));
    $read = $first;
    foreach ([...$ways, ...array_map(static fn (string $way): string => ['left' => 'right', 'right' => 'left', 'mirror' => 'mirror'][$way], array_reverse($ways))] as $way) {
        $read = turned($read, $way);
    }
    expect(documentOf($read))->toEqual(documentOf($first), implode(', ', $ways));
})->with(seeds(12, 30));

it('maps the picture as its pixels are really held', function (array $photo) {
    // A dot painted into the file is looked for in the picture the app makes of it.
    $image = new Imagick;
    $image->newImage(900, 600, '#f4f1ea');
    $draw = new ImagickDraw;
    $draw->setFillColor('#c01020');
    $draw->circle(270, 390, 270, 378);
    $image->drawImage($draw);
    $image->setImageFormat('png');
    $store = app(PhotoStore::class);
    $kept = $store->take(Photos::file($image->getImageBlob(), '.png'));
    $plan = Plan::of(ChoicesReader::read(['photo' => ['kind' => 'screen', ...$photo]], 900, 600)->choices);
    $seen = $store->decode($kept, $plan->choices->framing);
    [$wide, $high] = [$seen->getImageWidth(), $seen->getImageHeight()];
    $sum = [0, 0, 0];
    foreach (array_chunk($seen->exportImagePixels(0, 0, $wide, $high, 'RGB', Imagick::PIXEL_CHAR), 3) as $i => [$red, $green]) {
        if ($red > 150 && $green < 120) {
            $sum = [$sum[0] + $i % $wide + 0.5, $sum[1] + intdiv($i, $wide) + 0.5, $sum[2] + 1];
        }
    }
    // The dot's middle is the middle of its pixel.
    [$x, $y] = $plan->layout->map()->pictureToFile()->inverse()->apply(Rational::nd(541, 1800), Rational::nd(781, 1200));
    expect($sum[2])->toBeGreaterThan(200)
        ->and($x->toFloat() * $wide)->toEqualWithDelta($sum[0] / $sum[2], 0.3)
        ->and($y->toFloat() * $high)->toEqualWithDelta($sum[1] / $sum[2], 0.3);
})->with([
    'as it lies' => [[]], 'turned' => [['quarters' => 1]], 'upside down' => [['quarters' => 2]], 'turned back' => [['quarters' => 3]], 'mirrored' => [['mirrored' => true]],
    'turned and mirrored' => [['quarters' => 1, 'mirrored' => true]], 'straightened' => [['straighten' => 6.5]], 'straightened the other way, all kept' => [['straighten' => -4, 'keep' => 'largest']],
    'all of it' => [['quarters' => 3, 'mirrored' => true, 'straighten' => 3.25, 'border' => ['left' => '7 %', 'top' => '2 %', 'right' => '0', 'bottom' => '5 %']]],
]);

/** @return array<string, string> what each cell is, by its address */
function states(Drawing $drawing): array
{
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json();
    $columns = $shown['workings']['grid']['columns'];

    return collect($shown['cells'])->mapWithKeys(fn (array $cell): array => [$shown['workings']['lines']['addresses'][$cell['row'] * $columns + $cell['column']] => $cell['state'].($cell['doubtful'] ? '?' : '').$cell['words']])->all();
}

/** @param  array<string, mixed>  $changed */
function change(Drawing $drawing, array $changed): void
{
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->json();
    test()->putJson("/api/drawings/{$drawing->id}", ['version' => $shown['version'], 'choices' => array_replace_recursive($shown['workings']['choices'], $changed)])->assertOk();
}

it('keeps cells done on the picture they were copied from', function (array $changed, array $states, int $kept) {
    // 6 × 4 square cells over the whole of a 600 × 400 picture.
    $drawing = Drawings::begin(['photo' => ['kind' => 'screen'], 'fit' => ['way' => 'inset'], 'grid' => ['school' => 'proportional', 'columns' => 6, 'rows' => 4]], 600, 400);
    test()->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done'])->assertOk();
    test()->putJson("/api/drawings/{$drawing->id}/cells/2/1", ['state' => 'done', 'doubtful' => true, 'words' => 'rim'])->assertOk();
    $before = states($drawing);
    expect($before)->toBe(['A1' => 'done', 'C2' => 'done?rim']);
    change($drawing, $changed);
    expect(states($drawing))->toEqualCanonicalizing($states)
        ->and(test()->getJson("/api/drawings/{$drawing->id}")->json('kept'))->toBe($kept);
    $version = test()->getJson("/api/drawings/{$drawing->id}")->json('version');
    test()->postJson("/api/drawings/{$drawing->id}/undo", ['version' => $version])->assertOk();
    expect(states($drawing))->toBe($before);
})->with([
    'mirrored' => [['photo' => ['mirrored' => true]], ['F1' => 'done', 'D2' => 'done?rim'], 0],
    'turned a quarter' => [['photo' => ['quarters' => 1]], ['D1' => 'done', 'C3' => 'done?rim'], 0],
    'a finer mesh: what lies inside a cell that was done' => [['grid' => ['columns' => 12, 'rows' => 8]], ['A1' => 'done', 'B1' => 'done', 'A2' => 'done', 'B2' => 'done', 'E3' => 'done', 'F3' => 'done', 'E4' => 'done?rim', 'F4' => 'done'], 0],
    'a coarser mesh: not done before it is filled, the doubt stays' => [['grid' => ['columns' => 3, 'rows' => 2]], ['B1' => 'open?rim'], 2],
    'the crop moved by one column' => [['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '1/6', 'top' => '0', 'width' => '5/6', 'height' => '1'], 'grid' => ['columns' => 5]], ['B2' => 'done?rim'], 1],
    'the crop moved by half a column' => [['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '1/12', 'top' => '0', 'width' => '5/6', 'height' => '1'], 'grid' => ['columns' => 5]], ['C2' => 'open?rim'], 1],
    'straightened a little' => [['photo' => ['straighten' => 0.3]], ['A1' => 'done', 'C2' => 'done?rim'], 0],
    'another paper' => [['paper' => ['sheet' => 'a3']], ['A1' => 'done', 'C2' => 'done?rim'], 0],
]);

it('gives notes from before places were kept their place when the choices change', function () {
    $drawing = Drawings::begin(['photo' => ['kind' => 'screen'], 'fit' => ['way' => 'inset'], 'grid' => ['school' => 'proportional', 'columns' => 6, 'rows' => 4]], 600, 400);
    $drawing->cellNotes()->create(['mesh' => '6x4', 'column' => 0, 'row' => 0, 'spot' => '6x4 0 0', 'state' => 'done']);
    $drawing->cellNotes()->create(['mesh' => '5x7', 'column' => 0, 'row' => 0, 'spot' => '5x7 0 0', 'state' => 'done']);
    expect(states($drawing))->toBe(['A1' => 'done'])->and(test()->getJson("/api/drawings/{$drawing->id}")->json('kept'))->toBe(1);
    change($drawing, ['photo' => ['mirrored' => true]]);
    expect(states($drawing))->toBe(['F1' => 'done']);
});

it('names what lies outside the crop now, and brings it back with the crop', function () {
    $drawing = Drawings::begin(['photo' => ['kind' => 'screen'], 'fit' => ['way' => 'inset'], 'grid' => ['school' => 'proportional', 'columns' => 6, 'rows' => 4, 'divided' => [['column' => 5, 'row' => 0, 'parts' => 3, 'hairlines' => 'in the cell']], 'part' => null]], 600, 400);
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->json();
    $answer = test()->putJson("/api/drawings/{$drawing->id}", ['version' => $shown['version'], 'choices' => array_replace_recursive($shown['workings']['choices'], ['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0', 'top' => '0', 'width' => '1/2', 'height' => '1'], 'grid' => ['columns' => 3]])])->assertOk();
    expect($answer->json('said'))->toContain('F1')->toContain('Undo')
        ->and($answer->json('workings.choices.grid.divided'))->toBe([]);
    expect(test()->postJson("/api/drawings/{$drawing->id}/undo", ['version' => $answer->json('version')])->json('workings.choices.grid.divided.0.column'))->toBe(5);
});
