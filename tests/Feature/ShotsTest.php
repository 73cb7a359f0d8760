<?php

use App\Archive\ArchiveWriter;
use App\Devices\Exposure;
use App\Devices\Mistakes;
use App\Models\Drawing;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use InchLadder\Fit\Dividers;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use Tests\Drawings;
use Tests\Photos;
use Tests\Shot;

/*
 * The drawing held against its photo, from a shot.
 */

function compared(Drawing $drawing, string $shot): array
{
    return test()->getJson("/api/drawings/{$drawing->id}/shots/{$shot}")->assertOk()->json();
}

/** @return array{int, string} what the command ended with, and what it said */
function ran(string $command, array $with): array
{
    $code = Artisan::call($command, $with);

    return [$code, trim(Artisan::output())];
}

it('tells from a shot what to mend first; and keeps it, through a reload, undo and the archive', function () {
    $drawing = Shot::drawing(['spans' => [['name' => 'handle to cloth', 'x1' => '0.739', 'y1' => '0.486', 'x2' => '0.7237', 'y2' => '0.863', 'drawn' => null]]]);
    [$path] = Shot::take($drawing, new Mistakes(moves: ['spout' => [0.0, 5.0]]));
    $shot = Shot::keep($drawing, $path);
    $told = compared($drawing, $shot);
    // A length whose ends are found is read by itself: from the inside of the handle to the cloth, neither of which moved.
    expect($told['spans'])->toHaveCount(1)->and($told['spans'][0])->toMatchArray(['index' => 0, 'name' => 'handle to cloth'])->and(length($told['spans'][0]['drawn'])->toFloat())->toEqualWithDelta(length(test()->getJson("/api/drawings/{$drawing->id}")->json('workings.check.spans.0.paper'))->toFloat(), 2.0)
        ->and($told['spans'][0]['slope'])->toBe('its slope: vertical, as it must be');
    expect($told['first'])->toMatchArray(['kind' => 'point', 'name' => 'spout', 'leaves' => null])->and($told['first']['sentence'])->toBe('“spout” is 3/16 in too low: mend that first.')
        ->and($told['flatten']['found'])->toBeFalse()->and($told['flatten']['warnings'])->toBe([])->and($told['good_enough'])->toBeFalse()->and($told['leave_alone'])->toContain('cloth');

    // The sheet laid flat, evened and not, is a picture of the sheet's shape; asked for twice it is the same.
    foreach ([0, 1] as $even) {
        $flat = test()->get("/api/drawings/{$drawing->id}/shots/{$shot}/flat.jpg?even={$even}")->assertOk();
        [$wide, $high] = getimagesizefromstring((string) $flat->streamedContent()) ?: [1, 1];
        expect($wide / $high)->toEqualWithDelta(8.5 / 11, 0.01);
    }
    // A place of the drawing is found on the shot and back.
    $spout = collect($told['points'])->firstWhere('name', 'spout');
    $at = test()->getJson("/api/drawings/{$drawing->id}/shots/{$shot}/at?name=spout&x={$spout['came_out'][0]}&y={$spout['came_out'][1]}")->assertOk()->json('at');
    expect(array_map(floatval(...), explode(' ', $at)))->toEqualWithDelta(array_map(floatval(...), explode(' ', $spout['at'])), 1e-4);

    expect(test()->get("/api/drawings/{$drawing->id}/shots/{$shot}/places.csv")->assertOk()->content())->toContain('spout,out,')->toContain('3/16 in too low');

    // Meant: left out, told apart, and taken back.
    Drawings::rechoose($drawing, ['meant' => [['name' => 'spout', 'right_mm' => $spout['right_mm'], 'down_mm' => $spout['down_mm']]]]);
    $meant = compared($drawing, $shot);
    expect($meant['first']['kind'])->toBe('none')->and(implode(' ', $meant['more']))->toContain('Changed on purpose, and left out: spout')->and(collect($meant['points'])->firstWhere('name', 'spout'))->toMatchArray(['meant' => true]);
    Drawings::step($drawing, 'undo');
    expect(compared($drawing, $shot))->toBe($told);

    // Out and in again: the same verdict, from another picture of the same pixels.
    $archive = (string) tempnam(sys_get_temp_dir(), 'archive');
    app(ArchiveWriter::class)->write(Drawing::query()->findOrFail($drawing->id), $archive);
    $back = Drawing::query()->findOrFail(test()->post('/api/archives', ['photo' => new UploadedFile($archive, 'd.zip', null, null, true)])->assertCreated()->json('id'));
    expect(compared($back, $back->read()->json->shots[0]->id)['first'])->toBe($told['first'])
        ->and(test()->getJson("/api/drawings/{$back->id}/shots")->assertOk()->json('shots.0.says'))->toBe($told['first']['sentence']);
    Drawings::step($drawing, 'undo');
    test()->getJson("/api/drawings/{$drawing->id}/shots/{$shot}")->assertNotFound();
});

it('knows which way up a shot was held, and what keeps it from being judged', function () {
    $drawing = Shot::drawing();
    [$down] = Shot::take($drawing, new Mistakes, new Exposure(3, 15.0, side: 1500, upsideDown: true));
    expect(compared($drawing, Shot::keep($drawing, $down))['first']['kind'])->toBe('none');
    $warned = static fn (Exposure $exposure, Mistakes $mistakes = new Mistakes): string => implode(' ', compared($drawing, Shot::keep($drawing, Shot::take($drawing, $mistakes, $exposure)[0]))['flatten']['warnings']);
    expect($warned(new Exposure(4, 15.0, side: 1500, light: 0.2)))->toContain('The shot is dark')
        ->and($warned(new Exposure(5, 15.0, side: 420)))->toContain('The sheet is small on this shot')
        ->and($warned(new Exposure(6, 15.0, side: 1500), new Mistakes(faint: 0.97)))->toContain('too faint')
        ->and($warned(new Exposure(7, 15.0, side: 1500, blur: 4.0)))->toContain('blurred');
    // Of another drawing, and no sheet at all: a sentence, and a start for the hand.
    $other = Shot::drawing(['photo' => ['mirrored' => true]]);
    expect(implode(' ', compared($drawing, Shot::keep($drawing, Shot::take($other)[0]))['flatten']['warnings']))->toContain('not those of the photo');
    $id = test()->post('/api/photos', ['photo' => new UploadedFile(Photos::photographic(700, 500, 3), 'n.jpg', null, null, true)])->assertCreated()->json('id');
    expect(test()->postJson("/api/drawings/{$drawing->id}/shots/{$id}/corners")->assertOk()->json())->toMatchArray(['found' => false])->says->toContain('No sheet is seen');
})->group('long');

it('tells how it went from shot to shot, and what drifted', function () {
    $drawing = Shot::drawing(['points' => [0 => ['critical' => true]]]);
    foreach ([[2, []], [3, ['spout' => [4.0, 4.0]]]] as [$seed, $moves]) {
        [$path, $truth] = Shot::take($drawing, new Mistakes(moves: $moves), new Exposure($seed, 12.0, side: 1500));
        Shot::keep($drawing, $path, ['readings' => Shot::readings($truth)]);
    }
    $shots = test()->getJson("/api/drawings/{$drawing->id}/shots")->assertOk()->json();
    expect($shots['shots'])->toHaveCount(2)->and($shots['shots'][0])->toMatchArray(['good_enough' => true])->and($shots['drift'][0])->toMatchArray(['name' => 'spout', 'critical' => true, 'drifted' => true])
        ->and($shots['drift'][0]['off_mm'][0])->toBeLessThan(0.4)->and($shots['drift'][0]['off_mm'][1])->toEqualWithDelta(hypot(4, 4), 0.4);
});

it('says the same however photo, paper and grid are held', function (int $seed) {
    mt_srand($seed);
    $pick = static fn (array $from): mixed => $from[mt_rand(0, count($from) - 1)];
    $grid = [];
    for ($i = 1; $i <= 3; $i++) {
        for ($j = 1; $j <= 3; $j++) {
            $grid["p{$i}{$j}"] = [0.5 + 0.11 * ($i - 2), 0.5 + 0.12 * ($j - 2)];
        }
    }
    $drawing = Shot::drawing([
        ...$pick([['unit' => 'in', 'ruler' => '1/16 in'], ['unit' => 'in', 'ruler' => '1/32 in'], ['unit' => 'cm', 'ruler' => '1 mm'], ['unit' => 'cm', 'ruler' => '0.5 mm']]),
        'photo' => ['kind' => $pick(['print', 'screen']), 'width' => '6 in', 'height' => '7 1/2 in', 'quarters' => $pick([0, 1, 2, 3]), 'mirrored' => $pick([true, false]), 'straighten' => $pick([0, 3.5]), 'subject' => $pick(['likeness', 'landscape'])],
        'paper' => ['turn' => $pick(['upright', 'sideways']), 'shape' => $pick(['rectangle', 'oval']), 'colour' => $pick(['white', 'tan']), 'margins' => ['left' => '1 in', 'top' => '1/2 in', 'right' => '1/2 in', 'bottom' => '1/2 in'], 'placement' => $pick(['centred', 'top left', 'bottom right'])],
        'fit' => ['way' => $pick(['crop', 'inset']), 'left' => '1/10', 'top' => '1/12', 'size' => '7/8'],
        'grid' => ['school' => $pick(['count', 'proportional', 'quarters', 'axes']), 'columns' => 5, 'rows' => 6],
    ], $grid);
    $move = [$pick([-6.0, 6.0]), $pick([-7.0, 7.0])];
    [$path, $truth] = Shot::take($drawing, new Mistakes(moves: ['p23' => $move]), new Exposure($seed, side: 1500, grid: $pick([true, false])));
    $shot = Shot::keep($drawing, $path, ['readings' => Shot::readings($truth)]);
    $told = compared($drawing, $shot);
    $moved = collect($told['points'])->firstWhere('name', 'p23');
    expect($told['first'])->toMatchArray(['kind' => 'point', 'name' => 'p23'])->and([$moved['right_mm'], $moved['down_mm']])->toEqualWithDelta($move, 0.6)
        ->and(array_column(array_filter($told['points'], static fn (array $one): bool => ! $one['within']), 'name'))->toBe(['p23']);
    // The command line says the same, from the drawing area's own corners.
    $points = Photos::file(json_encode(array_map(static fn (array $one): array => array_intersect_key($one, ['name' => 0, 'crop' => 0, 'shot' => 0]), $truth['points'])), '.json');
    [$code, $said] = ran('inch:compare', ['drawing' => $drawing->id, '--shot' => $path, '--points' => $points, '--corners' => implode(' ', array_map(static fn (array $at): string => sprintf('%.2f,%.2f', ...$at), $truth['area'])), '--json' => true]);
    $json = json_decode($said, true);
    expect($code)->toBe(0)->and($json['first'])->toBe($told['first'])->and($json['flatten']['corners'][0])->toEqualWithDelta($truth['area'][0], 2.0);
})->with(seeds(2, 6));

it('keeps to its contract', function () {
    $drawing = Shot::drawing();
    [$path, $truth] = Shot::take($drawing, new Mistakes(size: 4.0));
    [$code, $said] = ran('inch:compare', ['drawing' => $drawing->id, '--shot' => $path, '--json' => true]);
    $json = json_decode($said, true);
    expect($code)->toBe(0)->and($json)->toHaveKeys(['flatten.residual_mm', 'flatten.corners', 'flatten.found', 'flatten.warnings', 'whole.right_mm', 'whole.down_mm', 'whole.turn_degrees', 'whole.size_percent', 'whole.stretch_percent', 'whole.lean_degrees', 'whole.model', 'points', 'groups', 'first.kind', 'first.name', 'first.sentence', 'leave_alone', 'good_enough', 'not_measured'])
        ->and($json['points'][0])->toHaveKeys(['name', 'proposed', 'right_mm', 'down_mm', 'left_over_mm', 'tolerance_mm', 'within', 'cell', 'came_out_in'])
        ->and($json['flatten']['found'])->toBeTrue()->and($json['whole']['model'])->toBe('similarity')->and($json['whole']['size_percent'])->toEqualWithDelta(4, 0.4)->and($json['first']['kind'])->toBe('whole')
        ->and($json['first']['sentence'])->toContain('larger')->toContain('no fault');
    expect(ran('inch:compare', ['drawing' => $drawing->id, '--shot' => $path])[1])->toContain('no fault');

    // The camera repeats itself to the byte by its seed, and writes the truth beside the shot.
    $shoot = static function (string $seed) use ($drawing): array {
        $out = Photos::file('', '.jpg');
        expect(ran('inch:shoot', ['drawing' => $drawing->id, '--out' => $out, '--seed' => $seed, '--side' => '900', '--move' => ['spout:-2mm,1/8in'], '--no-grid' => true])[0])->toBe(0);

        return [file_get_contents($out), json_decode((string) file_get_contents(substr($out, 0, -4).'.json'), true)];
    };
    [[$one, $told], [$again], [$other]] = [$shoot('5'), $shoot('5'), $shoot('6')];
    expect($again)->toBe($one)->and($other)->not->toBe($one)->and($told['moves']['spout'])->toEqual(['right_mm' => -2, 'down_mm' => 3.175]);
});

it('answers what cannot be with one sentence', function (Closure $with, string $says) {
    $drawing = Shot::drawing();
    [$command, $options] = $with($drawing, fn (): string => Shot::take($drawing)[0]);
    [$code, $said] = ran($command, ['drawing' => $drawing->id, ...$options]);
    expect($code)->toBe(1)->and($said)->toContain($says)->and(substr_count($said, "\n"))->toBe(0);
})->with([
    'no file' => [fn () => ['inch:compare', ['--shot' => '/nowhere.jpg']], 'no such file'],
    'no picture' => [fn () => ['inch:compare', ['--shot' => Photos::file('hello', '.jpg')]], 'not a picture'],
    'no sheet in it' => [fn () => ['inch:compare', ['--shot' => Photos::photographic(900, 700, 2)]], 'No sheet is seen'],
    '64 pixels' => [fn ($drawing) => ['inch:compare', ['--shot' => Shot::take($drawing, new Mistakes, new Exposure(2, 5.0, side: 86))[0]]], 'is so small on this photo'],
    'all of one colour' => [fn () => ['inch:compare', ['--shot' => Photos::make(64, 64, 'png')]], 'No sheet is seen'],
    'three corners on a line' => [fn ($drawing, $shot) => ['inch:compare', ['--shot' => $shot(), '--corners' => '100,100 500,500 900,900 100,900']], 'lie on one line'],
    'corners crossed' => [fn ($drawing, $shot) => ['inch:compare', ['--shot' => $shot(), '--corners' => '100,100 900,900 900,100 100,900']], 'wrong order'],
    'three corners' => [fn ($drawing, $shot) => ['inch:compare', ['--shot' => $shot(), '--corners' => '100,100 900,900 900,100']], 'four corners'],
    'corners far off' => [fn ($drawing, $shot) => ['inch:compare', ['--shot' => $shot(), '--corners' => '100,100 99999,100 99999,900 100,900']], 'outside the drawing photo'],
    'no corners' => [fn ($drawing, $shot) => ['inch:compare', ['--shot' => $shot(), '--corners' => 'here and there']], 'four places in pixels'],
    'no such points' => [fn ($drawing, $shot) => ['inch:compare', ['--shot' => $shot(), '--points' => '/nowhere.json']], 'no such file'],
    'points that are none' => [fn ($drawing, $shot) => ['inch:compare', ['--shot' => $shot(), '--points' => Photos::file('[{"name":"x"}]', '.json')]], 'Places come as a list'],
    'nobody to move' => [fn () => ['inch:shoot', ['--out' => Photos::file('', '.jpg'), '--move' => ['nobody:1mm,1mm']]], 'no key point or thing called “nobody”'],
    'a move of nothing' => [fn () => ['inch:shoot', ['--out' => Photos::file('', '.jpg'), '--move' => ['spout']]], 'Give it as'],
    'tilted over' => [fn () => ['inch:shoot', ['--out' => Photos::file('', '.jpg'), '--tilt' => '80']], 'a number from 0 to 35'],
]);

it('sets dividers for a ratio', function (string $ratio, string $pivot, string $end) {
    // 200 mm from tip to tip: 100, 66.7 and 50 mm from the short end for 1, 2 and 3 (the arms are as the spans: pivot = length ÷ (ratio + 1)).
    [$code, $said] = ran('inch:divider', ['--length' => '200mm', '--ratio' => $ratio, '--json' => true]);
    expect($code)->toBe(0)->and(json_decode($said, true))->toMatchArray(['pivot_mm' => (float) $pivot, 'on_photo' => $end])->and(ran('inch:divider', ['--length' => '200mm', '--ratio' => $ratio])[1])->toContain((string) __('cautions.points'));
})->with([['1', '100', 'either'], ['2', '66.667', 'short'], ['3:1', '50', 'short'], ['1:3', '50', 'long'], ['3:2', '80', 'short'], ['0.5', '66.667', 'long']]);

it('names the nearest hole, both ways round', function () {
    expect((string) Dividers::nearest(Rational::of('1.45')))->toBe('3/2')->and((string) Dividers::nearest(Rational::of('0.7')))->toBe('2/3')->and(Dividers::fromShortEnd(Rational::nd(1, 2), Length::mm(300))->exact())->toBe('100');
    expect(ran('inch:divider', ['--length' => 'x', '--ratio' => '2'])[0])->toBe(1)->and(ran('inch:divider', ['--length' => '8in', '--ratio' => 'x'])[0])->toBe(1);
});

it('is not kept from being exported by a picture that nobody has', function () {
    $drawing = Shot::drawing();
    $lost = ['id' => '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'taken' => '2026-11-27T10:00:00Z', 'pass' => null, 'corners' => '0.1 0.1, 0.9 0.1, 0.9 0.9, 0.1 0.9', 'of' => 'sheet', 'found' => true, 'readings' => []];
    Drawings::rechoose($drawing, ['shots' => [$lost], 'beside' => [['id' => $lost['id'], 'name' => 'gone']]]);
    expect(test()->getJson("/api/drawings/{$drawing->id}/shots")->assertOk()->json('shots.0.says'))->toContain('missing');
    $archive = Photos::file(test()->get("/api/drawings/{$drawing->id}/drawing.zip")->assertOk()->streamedContent(), '.zip');
    $back = test()->post('/api/archives', ['photo' => new UploadedFile($archive, 'd.zip', null, null, true)])->assertCreated()->json('workings.choices');
    expect($back['shots'])->toBe([])->and($back['beside'])->toBe([])->and($back['points'])->toHaveCount(9);
});

it('rehearses with the simulated camera, another one each time', function () {
    $drawing = Shot::drawing();
    $id = test()->postJson("/api/drawings/{$drawing->id}/rehearsed-shot")->assertCreated()->json('id');
    expect(Photo::query()->find($id)?->width)->toBeGreaterThan(1000);
    $shot = Shot::keep($drawing, config('inch.data').'/photos/'.substr(Photo::query()->find($id)->sha256, 0, 2).'/'.Photo::query()->find($id)->sha256);
    expect(compared($drawing, $shot)['first']['sentence'])->not->toBe('')->and(test()->postJson("/api/drawings/{$drawing->id}/rehearsed-shot")->assertCreated()->json('id'))->not->toBe($id);
    expect(test()->getJson("/api/drawings/{$drawing->id}/contours")->assertOk()->json('lines'))->not->toBe([]);
})->group('long');

it('tells of a thing and its parts by two verdicts, and of gaps, as the drawing has them', function () {
    // All of it, the spout and the grip, as they are traced; the grip is drawn 5 mm too far right.
    $things = [
        'still life' => '0.1 0.2, 0.9 0.25, 0.85 0.9, 0.15 0.85',
        'spout' => '0.4505 0.338, 0.496 0.34, 0.5 0.381, 0.47 0.4',
        'grip' => '0.739 0.38, 0.81 0.401, 0.8 0.486, 0.739 0.486',
    ];
    $drawing = Shot::drawing(['things' => array_map(static fn (string $name, string $outline): array => ['name' => $name, 'outline' => $outline, 'boxed' => false, 'must' => false, 'ticked' => []], array_keys($things), $things)]);
    [$path, $truth] = Shot::take($drawing, new Mistakes(moves: ['grip' => [5.0, 0.0]]));
    $told = compared($drawing, Shot::keep($drawing, $path, ['readings' => Shot::readings($truth)]));
    // Each object whole, once all of it is taken off: the still life is where it belongs, the grip is not. The spout has too few lines.
    $objects = array_column($told['objects'], null, 'name');
    $moved = ['right_mm', 'down_mm', 'turn_degrees', 'size_percent'];
    $figures = static fn (string $name): array => array_map(static fn (string $of): float => $objects[$name][$of], $moved);
    expect(array_keys($objects))->toBe(['still life', 'grip'])
        ->and(array_diff(['name', ...$moved, 'across_only', 'sure', 'drawn_percent'], array_keys($objects['grip'])))->toBe([])
        ->and($figures('still life'))->toEqualWithDelta([0, 0, 0, 0], 0.8)->and($objects['still life']['sure'])->toBeTrue()
        ->and($figures('grip'))->toEqualWithDelta([5, 0, 0, 0], 0.8)->and($objects['grip']['drawn_percent'])->toBeGreaterThan(60);
    expect($told['features'])->toHaveCount(1);
    $face = $told['features'][0];
    expect($face)->toMatchArray(['whole' => 'still life', 'placed' => false])->and($face['placement'])->toContain('“grip” has too much room to the left, by 3.')
        ->and($face['expression'])->toStartWith('Shape')
        // A size that kept its own stands in no pair that is out; every pair names what a pair is of.
        ->and($told['pairs'])->each->toContain('on the drawing')
        // The spout kept its place.
        ->and(array_filter($face['shares'], static fn (array $one): bool => str_contains($one['name'], 'spout') && $one['drawing'] !== null && ! $one['passes']))->toBe([]);
    // A faithful one holds.
    [$path, $truth] = Shot::take($drawing);
    $told = compared($drawing, Shot::keep($drawing, $path, ['readings' => Shot::readings($truth)]));
    expect($told['features'][0])->toMatchArray(['placed' => true])->and($told['features'][0]['placement'])->toContain('every part of “still life”');
    expect($told['pairs'])->toBe([]);
    // Relations are ticked by their names, and kept.
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->json();
    $first = $shown['workings']['check']['relations'][0];
    expect($first)->toMatchArray(['ticked' => false]);
    Drawings::rechoose(Drawing::query()->findOrFail($drawing->id), ['related' => [$first['key'], $first['key'], '']]);
    expect(test()->getJson("/api/drawings/{$drawing->id}")->json('workings.check.relations.0'))->toBe([...$first, 'ticked' => true])
        ->and(Drawing::query()->findOrFail($drawing->id)->read()->json->related)->toBe([$first['key']]);
    Drawings::step(Drawing::query()->findOrFail($drawing->id), 'undo');
    expect(test()->getJson("/api/drawings/{$drawing->id}")->json('workings.check.relations.0.ticked'))->toBeFalse();
});

it('says of things that were all put a row too low that they were, as one, before what is off by less', function () {
    $oval = static fn (float $x, float $y, float $wide, float $high): string => implode(', ', array_map(
        static fn (int $i): string => sprintf('%.4F %.4F', $x + $wide * cos($i * M_PI / 12), $y + $high * sin($i * M_PI / 12)),
        range(0, 23),
    ));
    $thing = static fn (string $name, string $outline): array => [
        'name' => $name, 'outline' => $outline, 'boxed' => false, 'must' => false, 'ticked' => [],
    ];
    $things = [$thing('jug', $oval(0.6, 0.52, 0.25, 0.23)), $thing('left pear', $oval(0.23, 0.62, 0.14, 0.16))];
    $drawing = Shot::drawing(['things' => $things], ['cloth' => Shot::POINTS['cloth']]);
    $row = $drawing->plan()->layout->cell()->height->toFloat();
    [$path] = Shot::take($drawing, new Mistakes(moves: ['jug' => [0.0, $row], 'left pear' => [0.0, $row]]));
    $told = compared($drawing, Shot::keep($drawing, $path));
    $says = 'These came out one row too low, all alike: left pear and jug. Count the squares again, and move them together.';
    expect($told['first']['sentence'])->toBe($says)
        ->and($told['first'])->toMatchArray(['kind' => 'group', 'name' => 'left pear, jug'])->and($told['good_enough'])->toBeFalse();
    // One of them alone; the other a little too low comes after, and neither is said by its own ends.
    [$path] = Shot::take($drawing, new Mistakes(moves: ['jug' => [0.0, 5.0], 'left pear' => [0.0, $row]]));
    $told = compared($drawing, Shot::keep($drawing, $path));
    expect($told['first']['sentence'])->toBe('“left pear” came out one row too low: move it as one.')
        ->and($told['more'][0])->toBe('“jug” is 3/16 in too low.');
});

it('reads off where a grid really was ruled, and lets the guides follow', function () {
    // Ruled with its inner lines up to 2.4 mm off; photographed; held against the even grid that was planned.
    $even = ['grid' => ['school' => 'count', 'columns' => 4]];
    $planned = Shot::drawing($even);
    $workings = test()->getJson("/api/drawings/{$planned->id}")->json('workings');
    [$wide, $high] = [$workings['drawing']['width']['mm'], $workings['drawing']['height']['mm']];
    $shares = static fn (array $lines, float $side, array $off): array => array_map(static fn (float $share, float $mm): float => $share * $side + $mm, array_slice($lines, 1, -1), array_slice($off, 0, count($lines) - 2));
    [$across, $down] = [$shares($workings['lines']['across'], $wide, [2.0, -1.6, 0.8]), $shares($workings['lines']['down'], $high, [-2.4, 1.2, 0.0, 1.8, -0.8, 0.4])];
    $own = static fn (array $lines): string => implode(', ', array_map(static fn (float $mm): string => round($mm, 2).' mm', $lines));
    $ruled = Shot::drawing(['grid' => ['school' => 'own', 'own_across' => $own($across), 'own_down' => $own($down)]]);
    [$path] = Shot::take($ruled, new Mistakes, new Exposure(5, 14.0, side: 1800));
    $shot = Shot::keep($planned, $path);
    $read = test()->getJson("/api/drawings/{$planned->id}/shots/{$shot}/ruled")->assertOk()->json();
    foreach ([['across', $across, $workings['drawing']['left']['mm']], ['down', $down, $workings['drawing']['top']['mm']]] as [$way, $lines, $before]) {
        $at = array_column($read[$way], 'at', 'line');
        foreach ($lines as $i => $mm) {
            // To a graduation of 1/16 in.
            expect($at)->toHaveKey($i + 1)->and(length($at[$i + 1])->toFloat())->toEqualWithDelta($before + $mm, 1.0);
        }
    }
    expect($read['says'])->toContain('lines of the grid were read off');
    $choices = test()->getJson("/api/drawings/{$planned->id}")->json('workings.choices');
    $adjusted = test()->postJson('/api/adjust', ['choices' => $choices, 'wide' => $planned->photo->width, 'high' => $planned->photo->height, 'act' => 'ruled', 'how' => ['way' => 'down', 'ticks' => array_column(array_filter($read['down'], static fn (array $one): bool => $one['line'] > 0 && $one['line'] <= count($down)), 'at', 'line')]])->assertOk()->json('choices.grid');
    expect($adjusted['school'])->toBe('own');
    $lines = array_map(static fn (string $one): float => length($one)->toFloat(), explode(', ', $adjusted['own_down']));
    expect($lines)->toEqualWithDelta($down, 1.0);
});

it('squares up a page that was taken askew, in a copy with a drawing of its own', function (float $ratio, bool $even) {
    $page = new Imagick(Photos::photographic((int) round(900 * $ratio), 900, 11));
    // Seen by a pinhole camera, 4 pages off and tilted, on a dark table.
    $seen = array_map(static function (array $at): array {
        [$x, $y, $z] = [$at[0], $at[1] * cos(0.45), 4.0 + $at[1] * sin(0.45)];
        [$x, $z] = [$x * cos(-0.3) + ($z - 4.0) * sin(-0.3), 4.0 + ($z - 4.0) * cos(-0.3) - $x * sin(-0.3)];

        return [900 + 4200 * $x / $z, 700 + 4200 * $y / $z];
    }, [[-$ratio / 2, -0.5], [$ratio / 2, -0.5], [$ratio / 2, 0.5], [-$ratio / 2, 0.5]]);
    $page->setImageVirtualPixelMethod(Imagick::VIRTUALPIXELMETHOD_TRANSPARENT);
    $page->setImageAlphaChannel(Imagick::ALPHACHANNEL_SET);
    [$w, $h] = [$page->getImageWidth(), $page->getImageHeight()];
    $page->distortImage(Imagick::DISTORTION_PERSPECTIVE, [0, 0, ...$seen[0], $w, 0, ...$seen[1], $w, $h, ...$seen[2], 0, $h, ...$seen[3]], true);
    $table = new Imagick;
    $table->newImage(1800, 1400, 'rgb(40,36,32)');
    ['x' => $x, 'y' => $y] = $page->getImagePage();
    $table->compositeImage($page, Imagick::COMPOSITE_OVER, $x, $y);
    $table->setImageFormat('jpeg');
    $id = test()->post('/api/drawings', ['photo' => new UploadedFile(Photos::file($table->getImageBlob()), 'my page.jpg', null, null, true)])->assertCreated()->json('id');
    Drawings::rechoose(Drawing::query()->findOrFail($id), ['photo' => ['subject' => 'likeness', 'source' => 'my sketchbook'], 'points' => [['name' => 'eye', 'x' => '1/2', 'y' => '1/2', 'cross' => false]]]);
    $before = test()->getJson("/api/drawings/{$id}")->json();
    $corners = implode(', ', array_map(static fn (array $at): string => round($at[0] / 1800, 6).' '.round($at[1] / 1400, 6), $seen));
    $squared = test()->postJson("/api/drawings/{$id}/squared", ['corners' => $corners, 'shape' => '', 'even' => $even])->assertCreated()->json();
    expect($squared['photo']['width'] / $squared['photo']['height'])->toEqualWithDelta($ratio, 0.004)
        ->and($squared['workings']['choices']['title'])->toBe('My page, squared')
        ->and($squared['workings']['choices']['photo'])->toMatchArray(['subject' => 'likeness', 'source' => 'my sketchbook'])
        ->and($squared['workings']['choices']['points'])->toBe([])
        // The snapshot stands beside it, and its own drawing is as it was.
        ->and($squared['workings']['choices']['beside'][0])->toMatchArray(['id' => $before['photo']['id'], 'name' => 'as it was taken'])
        ->and(test()->getJson("/api/drawings/{$id}")->json())->toBe($before);
    if (! $even) {
        $flat = new Imagick;
        $flat->readImageBlob((string) test()->get("/api/photos/{$squared['photo']['id']}/preview.jpg")->assertOk()->streamedContent());
        $flat->resizeImage(intdiv($w, 4), intdiv($h, 4), Imagick::FILTER_BOX, 1);
        $was = new Imagick(Photos::photographic((int) round(900 * $ratio), 900, 11));
        $was->resizeImage(intdiv($w, 4), intdiv($h, 4), Imagick::FILTER_BOX, 1);
        // The same picture, but for a few levels of 255: its grain is blurred by seeing it askew.
        expect(255 * $flat->compareImages($was, Imagick::METRIC_MEANABSOLUTEERROR)[1])->toBeLessThan(6.0);
    }
    // A shape that is known is taken; one that is none, and corners that cross, are told, and nothing is begun.
    $drawings = Drawing::query()->count();
    foreach ([['corners' => $corners, 'shape' => 'long'], ['corners' => '0 0, 1 1, 1 0, 0 1', 'shape' => ''], ['corners' => '0.1 0.1', 'shape' => ''], ['corners' => '0 0, 0.5 0, 1 0, 0.2 0', 'shape' => '']] as $wrong) {
        test()->postJson("/api/drawings/{$id}/squared", [...$wrong, 'even' => false])->assertUnprocessable();
    }
    expect(Drawing::query()->count())->toBe($drawings);
    $known = test()->postJson("/api/drawings/{$id}/squared", ['corners' => $corners, 'shape' => '2:1', 'even' => false])->assertCreated()->json('photo');
    expect($known['width'] / $known['height'])->toEqualWithDelta(2.0, 0.004);
})->with([[0.7071, false], [1.3, true]]);

it('finds the edges of a page on a dark table, and says so where there are none', function () {
    [$path] = Shot::take(Shot::drawing());
    $id = test()->post('/api/drawings', ['photo' => new UploadedFile($path, 'page.jpg', null, null, true)])->assertCreated()->json('id');
    $found = test()->getJson("/api/drawings/{$id}/page")->assertOk()->json();
    expect($found)->toMatchArray(['found' => true, 'says' => null]);
    $none = test()->post('/api/drawings', ['photo' => new UploadedFile(Photos::photographic(700, 500, 3), 'n.jpg', null, null, true)])->json('id');
    expect(test()->getJson("/api/drawings/{$none}/page")->assertOk()->json())->toMatchArray(['found' => false])->says->toContain('set its four corners by hand');
    $sizes = test()->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id');
    test()->getJson("/api/drawings/{$sizes}/page")->assertNotFound();
});

it('tells before the first line what governs a picture, from that picture alone', function () {
    $drawing = Shot::drawing(['things' => [['name' => 'jug', 'outline' => '0.45 0.33, 0.82 0.33, 0.82 0.72, 0.45 0.72', 'boxed' => true, 'must' => false, 'ticked' => []]], 'spans' => [
        ['name' => 'rim', 'x1' => '0.45', 'y1' => '0.34', 'x2' => '0.8', 'y2' => '0.34', 'drawn' => null], ['name' => 'foot', 'x1' => '0.5', 'y1' => '0.72', 'x2' => '0.675', 'y2' => '0.72', 'drawn' => null],
    ]]);
    $told = test()->getJson("/api/drawings/{$drawing->id}/warm-up")->assertOk()->json();
    expect($told['lines'][0])->toContain('times as high as it is wide')->and($told['lines'])->toContain('“foot” is 1/2 of rim.')->and(implode(' ', $told['lines']))->toContain('“jug” takes 37 % of the width')->toContain('A strong edge: level')
        // Turned over, it governs otherwise; alone, it still says something.
        ->and($told['alignments'])->not->toBe([]);
    Drawings::rechoose($drawing, ['photo' => ['quarters' => 1]]);
    expect(test()->getJson("/api/drawings/{$drawing->id}/warm-up")->assertOk()->json('lines.0'))->toContain('times as wide as it is high');
    $sizes = test()->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id');
    expect(test()->getJson("/api/drawings/{$sizes}/warm-up")->assertOk()->json())->toMatchArray(['lines' => ['The picture is 1 2/5 times as high as it is wide.'], 'alignments' => []]);
});

it('has the words on packets, and weights in both systems', function () {
    $words = test()->getJson('/api/instruments/words')->assertOk()->json();
    expect(array_merge(...array_column($words['grades'], 'names')))->toHaveCount(20)->and($words['tools'])->each->toHaveKeys(['key', 'name', 'is', 'instead'])
        ->and(test()->getJson('/api/instruments/weight?weight=140+lb&basis=imperial')->assertOk()->json('lines.0'))->toStartWith('298 g a square metre')
        ->and(test()->getJson('/api/instruments/weight?weight=140+lb')->assertOk()->json('lines.1'))->toStartWith('140 lb watercolour (imperial): 500 sheets of 22 × 30 in');
    test()->getJson('/api/instruments/weight?weight=heavy&basis=cover')->assertUnprocessable()->assertJsonValidationErrors(['weight' => 'Write it like 240 g or 70 lb']);
});

it('is laid flat by crossings of gridlines as well, where neither sheet nor drawing is in the picture', function () {
    $drawing = Shot::drawing();
    [$path, $truth] = Shot::take($drawing, new Mistakes(moves: ['spout' => [0.0, 5.0]]));
    $shot = Shot::keep($drawing, $path, ['readings' => Shot::readings($truth)]);
    $told = compared($drawing, $shot);
    $seen = static fn (float $x, float $y): string => test()->getJson("/api/drawings/{$drawing->id}/shots/{$shot}/at?x={$x}&y={$y}")->assertOk()->json('at');
    $choices = test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices');
    [$left, $top, $right, $bottom] = [0.25, 0.2, 0.75, 0.8];
    $change = static function (array $more) use ($drawing, $choices) {
        $now = test()->getJson("/api/drawings/{$drawing->id}")->json('version');

        return test()->putJson("/api/drawings/{$drawing->id}", ['version' => $now, 'choices' => [...$choices, 'shots' => [[...$choices['shots'][0], ...$more]]]]);
    };
    $corners = implode(', ', [$seen($left, $top), $seen($right, $top), $seen($right, $bottom), $seen($left, $bottom)]);
    $change(['corners' => $corners, 'of' => 'area', 'between' => "{$left} {$top}, {$right} {$bottom}"])->assertOk();
    $by = compared($drawing, $shot);
    expect($by['first'])->toBe($told['first']);
    foreach ($told['points'] as $i => $point) {
        // As near as corners of half the drawing tell of all of it.
        $same = collect($by['points'])->firstWhere('name', $point['name']);
        expect([$same['right_mm'], $same['down_mm']])->toEqualWithDelta([$point['right_mm'], $point['down_mm']], 0.4);
    }
    // The same corners taken for those of the whole drawing would say that all of it is wrong.
    $change(['corners' => $corners, 'of' => 'area'])->assertOk();
    expect(compared($drawing, $shot)['first'])->not->toBe($told['first']);
    foreach (['0.5 0.5, 0.5 0.9', '0.8 0.8, 0.2 0.2', '0 0', '0 0, 1.2 1', 'all'] as $between) {
        $change(['between' => $between])->assertUnprocessable()->assertJsonValidationErrors('shots');
    }
});
