<?php

use App\Documents\ChoicesReader;
use App\Models\Drawing;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Drawings;

/** @param  array<string, mixed>  $changes by dotted name */
function decide(Drawing $drawing, int $version, array $changes): TestResponse
{
    $choices = test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices');
    foreach ($changes as $field => $value) {
        data_set($choices, $field, $value);
    }

    return test()->putJson("/api/drawings/{$drawing->id}", ['version' => $version, 'choices' => $choices]);
}

function standing(Drawing $drawing, string $field): mixed
{
    return test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->json("workings.choices.{$field}");
}

it('keeps choices, and everything that follows is computed from them', function () {
    $drawing = Drawings::begin();
    $answer = decide($drawing, 1, ['fit.cell' => '2in', 'grid.labels' => 'numbers'])->assertOk();
    expect($answer->json('version'))->toBe(2)
        ->and($answer->json('workings.grid.columns'))->toBe(4)
        ->and($answer->json('workings.drawing.height.text'))->toBe('10 in')
        ->and($answer->json('workings.lines.columns'))->toBe(['1', '2', '3', '4'])
        ->and(DB::table('drawings')->value('choices'))->not->toContain('drawing_area');
    expect(standing($drawing, 'fit.cell'))->toBe('2 in');
});

it('takes changes back and brings them again, over days and in any number', function () {
    $drawing = Drawings::begin();
    foreach (['1 in', '2 in', '3 in'] as $i => $cell) {
        $last = decide($drawing, $i + 1, ['fit.cell' => $cell])->assertOk();
    }
    expect($last->json('undo'))->toBe('the fit')->and($last->json('redo'))->toBeNull();
    $step = fn (string $way, int $version) => test()->postJson("/api/drawings/{$drawing->id}/{$way}", ['version' => $version])->assertOk();
    $seen = [];
    foreach ([['undo', 4], ['undo', 5], ['undo', 6], ['undo', 7], ['redo', 7], ['redo', 8]] as [$way, $version]) {
        $seen[] = $step($way, $version)->json('workings.choices.fit.cell');
    }
    expect($seen)->toBe(['2 in', '1 in', '1 1/2 in', '1 1/2 in', '1 in', '2 in']);
});

it('forgets what was taken back once something else is chosen', function () {
    $drawing = Drawings::begin();
    decide($drawing, 1, ['fit.cell' => '2 in']);
    test()->postJson("/api/drawings/{$drawing->id}/undo", ['version' => 2]);
    $answer = decide($drawing, 3, ['title' => 'Gate']);
    expect($answer->json('redo'))->toBeNull()
        ->and($answer->json('undo'))->toBe('the title')
        ->and(standing($drawing, 'fit.cell'))->toBe('1 1/2 in');
});

it('makes no revision of a save that changes nothing', function () {
    $drawing = Drawings::begin();
    expect(decide($drawing, 1, [])->json('version'))->toBe(1)->and($drawing->revisions()->count())->toBe(1);
});

it('refuses a save over a newer version, names what differs, and keeps the newer', function () {
    $drawing = Drawings::begin();
    decide($drawing, 1, ['fit.cell' => '2 in'])->assertOk();
    decide($drawing, 1, ['grid.labels' => 'numbers', 'fit.cell' => '1 in'])
        ->assertConflict()->assertJsonPath('changed', ['fit', 'grid'])->assertJsonPath('version', 2)
        ->assertJsonPath('message', fn (string $message) => str_contains($message, 'changed elsewhere meanwhile (fit and grid)'));
    test()->postJson("/api/drawings/{$drawing->id}/undo", ['version' => 1])->assertConflict();
    expect(standing($drawing, 'fit.cell'))->toBe('2 in')->and(standing($drawing, 'grid.labels'))->toBe('letters');
});

it('answers nonsense beside its field, and nothing is lost', function (array $changes, string $field, string $says) {
    $drawing = Drawings::begin(['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in']]);
    $errors = decide($drawing, 1, $changes)->assertUnprocessable()->json('errors');
    expect($errors)->toHaveKey($field)
        ->and($errors[$field][0])->toContain($says)
        ->and(count($errors))->toBeLessThan(3);
    expect($drawing->refresh()->version)->toBe(1);
})->with([
    'a ruler of nothing' => [['reach' => '0'], 'reach', 'A ruler is 1 in (2.5 cm) long or more'],
    'a ruler no hand could lay' => [['reach' => '0.1 mm'], 'reach', 'A ruler is 1 in (2.5 cm) long or more'],
    'a print of nothing' => [['photo.width' => '0'], 'photo.width', 'A print cannot be 0 long'],
    'a negative print' => [['photo.height' => '-5'], 'photo.height', 'less than nothing'],
    'a print in words' => [['photo.width' => 'abc'], 'photo.width', '“abc” is not a length'],
    'a print with a side missing' => [['photo.height' => ''], 'photo.height', 'Measure this side'],
    'margins that eat the sheet' => [['paper.margins.left' => '9 in'], 'paper.margins', 'leave no room to draw on'],
    'a margin in words' => [['paper.margins.top' => 'some'], 'paper.margins.top', 'is not a length'],
    'a sheet of nothing' => [['paper.width' => '0 in'], 'paper.width', 'cannot be drawn on'],
    'a sheet as large as a field' => [['paper.height' => '300 m'], 'paper.width', 'cannot be drawn on'],
    'an unknown sheet' => [['paper.sheet' => 'papyrus'], 'paper.sheet', 'not in the catalogue'],
    'a cell larger than the area' => [['fit.way' => 'cells', 'fit.cell' => '9 in'], 'cell', 'longer than the side it must divide'],
    'a square larger than the area' => [['grid.school' => 'measure', 'grid.cell' => '9 in'], 'cell', 'longer than the side it must divide'],
    'no columns' => [['grid.columns' => 0], 'grid.columns', 'at least 1'],
    'five hundred columns' => [['grid.columns' => 500], 'grid.columns', 'The limit is 60 a side'],
    'columns in words' => [['grid.columns' => 'many'], 'grid.columns', 'whole number from 1 to 60'],
    'half a column' => [['grid.columns' => '2.5'], 'grid.columns', 'whole number'],
    'an unknown fit' => [['fit.way' => 'squeeze'], 'fit.way', 'Choose one of'],
    'a crop in words' => [['fit.left' => 'there'], 'fit.left', 'A share is a number'],
    'an unknown unit' => [['unit' => 'furlong'], 'unit', 'Choose one of in, cm, mm'],
    'a ruler of another unit' => [['ruler' => '1 mm'], 'ruler', 'A drawing keeps to one unit'],
    'a list for a length' => [['paper.width' => ['8', '5']], 'paper.width', 'is not a length'],
]);

it('reads a document with parts missing, and one with parts it does not know', function () {
    $read = ChoicesReader::read(['from_the_future' => 1, 'paper' => ['sheet' => 'a4', 'width' => '21 cm', 'height' => '29.7 cm']], 800, 600);
    expect($read->json->grid->columns)->toBe(6)
        ->and($read->json->paper->sheet)->toBe('a4')
        ->and($read->choices->standard?->name)->toBe('A4');
    expect(ChoicesReader::read((array) json_decode((string) json_encode($read->json), true), 800, 600)->json)->toEqual($read->json);
});

it('gives a bare number its unit for good, so that a later change of unit cannot turn 5 inches into 5 centimetres', function () {
    $drawing = Drawings::begin();
    decide($drawing, 1, ['photo.width' => '10', 'photo.height' => '14']);
    expect(standing($drawing, 'photo.width'))->toBe('10 in');
    $metric = decide($drawing, 2, ['unit' => 'cm', 'ruler' => '1 mm'])->assertOk();
    expect($metric->json('workings.print.width.text'))->toBe('25.4 cm');
});

it('says that a print contradicts its pixels, and lets the artist keep it', function () {
    $drawing = Drawings::begin(['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '6 in']]);
    $answer = test()->getJson("/api/drawings/{$drawing->id}");
    expect($answer->json('workings.mismatch.percent'))->toEqualWithDelta(16.67, 0.01)
        ->and($answer->json('workings.mismatch.height_for_width.text'))->toBe('7 in')
        ->and($answer->json('workings.mismatch.sentence'))->toContain('differ by 16.7 %');
    expect(decide($drawing, 1, ['photo.agreed' => true])->assertOk()->json('workings.choices.photo.agreed'))->toBeTrue();
});

it('notes cells, keeps the notes of each mesh apart, and goes on at the first open one', function () {
    $drawing = Drawings::begin();
    $note = fn (int $column, int $row, string $state) => test()->putJson("/api/drawings/{$drawing->id}/cells/{$column}/{$row}", ['state' => $state]);
    $note(0, 0, 'empty')->assertOk();
    $note(1, 0, 'done')->assertOk();
    $note(2, 0, 'done');
    $note(2, 0, 'open')->assertOk();
    $note(5, 0, 'done')->assertUnprocessable()->assertJsonPath('message', 'There is no cell 6 in, 1 down. This grid has 5 columns and 7 rows.');
    $note(1, 1, 'smudged')->assertUnprocessable();
    expect(test()->getJson("/api/drawings/{$drawing->id}")->json('cells'))->toBe([['column' => 0, 'row' => 0, 'state' => 'empty', 'reached' => 0, 'doubtful' => false, 'words' => ''], ['column' => 1, 'row' => 0, 'state' => 'done', 'reached' => 3, 'doubtful' => false, 'words' => '']]);
    $shelf = test()->getJson('/api/drawings')->json('0');
    expect([$shelf['done'], $shelf['cells'], $shelf['rung'], $shelf['next']])->toBe([1, 34, 'copy', 'Next is square C1.']);

    $other = decide($drawing, 1, ['fit.cell' => '2 in']);
    expect($other->json('cells'))->toBe([])->and($other->json('kept'))->toBe(2);
    expect(decide($drawing, 2, ['fit.cell' => '1 1/2 in'])->json('cells'))->toHaveCount(2);
});

it('puts a drawing in the bin and back', function () {
    $drawing = Drawings::begin();
    test()->deleteJson("/api/drawings/{$drawing->id}")->assertNoContent();
    expect(test()->getJson('/api/drawings')->json())->toBe([]);
    test()->getJson("/api/drawings/{$drawing->id}")->assertNotFound()->assertJsonPath('message', fn (string $message) => str_contains($message, 'bin'));
    test()->postJson("/api/drawings/{$drawing->id}/restore")->assertOk();
    expect(test()->getJson('/api/drawings')->json())->toHaveCount(1);
});

it('answers workings exactly as the saved drawing does', function () {
    $drawing = Drawings::begin();
    $saved = test()->getJson("/api/drawings/{$drawing->id}")->json('workings');
    $live = test()->postJson('/api/workings', ['choices' => $saved['choices'], 'wide' => 500, 'high' => 700])->assertOk()->json();
    expect($live)->toBe($saved);
});

it('reads a pointed-at place on all three rulers', function () {
    $point = test()->postJson('/api/workings', ['choices' => Drawings::FIVE_BY_SEVEN, 'wide' => 500, 'high' => 700, 'x' => 0.5, 'y' => 0.5])->json('point');
    expect($point['cell'])->toBe('C4')
        ->and($point['across']['print']['rounded']['text'])->toBe('2 1/2 in')
        ->and($point['down']['area']['rounded']['text'])->toBe('5 1/4 in')
        ->and($point['down']['sheet']['rounded']['text'])->toBe('5 1/2 in');
    // Asked alone it is the same.
    $asked = ['choices' => Drawings::FIVE_BY_SEVEN, 'wide' => 500, 'high' => 700];
    expect(test()->postJson('/api/point', [...$asked, 'x' => 0.5, 'y' => 0.5])->assertOk()->json())->toBe($point);
    test()->postJson('/api/point', [...$asked, 'x' => 'left'])->assertUnprocessable()->assertJsonValidationErrors('x');
});

it('names the drawing’s line colour and keeps the artist’s own', function () {
    $drawing = Drawings::begin();
    expect(test()->getJson("/api/drawings/{$drawing->id}")->json('line_reason'))->toContain('shows best');
    $chosen = decide($drawing, 1, ['grid.colour' => 'lemon']);
    expect($chosen->json('line.key'))->toBe('lemon')->and($chosen->json('line_reason'))->toBe('Your own choice.');
});

it('lets no other site write through the artist’s browser', function (string $from, int $status) {
    test()->withHeader('Sec-Fetch-Site', $from)->deleteJson('/api/drawings/'.Drawings::begin()->id)->assertStatus($status);
})->with([
    ['cross-site', 403],
    ['same-site', 403],
    ['same-origin', 204],
    ['none', 204],
]);

it('lists the catalogue with a source for each sheet', function () {
    $catalogue = test()->getJson('/api/catalogue')->assertOk()->json();
    expect(collect($catalogue['sheets'])->firstWhere('key', 'a4'))->toBe(['key' => 'a4', 'name' => 'A4', 'width' => '210 mm', 'height' => '297 mm', 'unit' => 'mm', 'source' => 'ISO 216', 'size' => '21 × 29.7 cm', 'ratio' => 0.70707, 'height_mm' => 297, 'usual' => 'cm'])
        ->and($catalogue['colours'])->toHaveCount(5);
});

it('says what is wrong with the database, and loses nothing', function (Closure $break, string $says) {
    $path = getenv('INCH_DATA').'/broken-'.bin2hex(random_bytes(3)).'.sqlite';
    touch($path);
    config(['database.connections.broken' => [...config('database.connections.sqlite'), 'database' => $path], 'database.default' => 'broken']);
    Artisan::call('migrate', ['--force' => true]);
    $drawing = Drawings::begin();
    DB::purge('broken');
    $break($path);
    $answer = test()->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => [...Drawings::FIVE_BY_SEVEN, 'title' => 'New']]);
    config(['database.default' => 'sqlite']);
    $answer->assertStatus(503)->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
})->with([
    'missing' => [function (string $path) {
        array_map(unlink(...), glob("{$path}*") ?: []);
    }, 'The database file is missing'],
    'read-only' => [function (string $path) {
        config(['database.connections.broken.options' => [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY], 'database.connections.broken.journal_mode' => null]);
    }, 'is read-only'],
]);

it('opens a drawing that cannot be worked out with its undo and its export, beside all others', function (Closure $spoil) {
    $drawing = Drawings::begin(Drawings::FIVE_BY_SEVEN);
    $other = Drawings::begin();
    $url = "/api/drawings/{$drawing->id}";
    $this->putJson($url, ['version' => 1, 'choices' => [...$drawing->choices, 'title' => 'Second']])->assertOk();
    $spoil($drawing->refresh());
    $shelf = collect($this->getJson('/api/drawings')->assertOk()->json())->keyBy('id');
    expect([$shelf[$other->id]['trouble'], $shelf[$drawing->id]['trouble'] === null])->toBe([null, false]);
    $trouble = $this->getJson($url)->assertUnprocessable()->assertJsonPath('version', 2);
    expect($trouble->json('undo'))->toBeString()->and($trouble->json('message'))->toBeString()->not->toBe('');
    $this->get("{$url}/drawing.zip")->assertOk();
    $this->postJson("{$url}/undo", ['version' => 2])->assertOk()->assertJsonPath('workings.choices.title', 'Garden gate');
})->with([
    'a length of nothing that was kept once' => [fn (Drawing $drawing) => $drawing->forceFill(['choices' => [...$drawing->choices, 'spans' => [['name' => 'arm', 'x1' => '0', 'y1' => '0', 'x2' => '1', 'y2' => '1', 'drawn' => '0 in']]]])->save()],
    'no document' => [fn (Drawing $drawing) => DB::table('drawings')->where('id', $drawing->id)->update(['choices' => '"x"'])],
]);

it('refuses a measured length of nothing beside its field', function (string $typed) {
    $drawing = Drawings::begin();
    $this->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => [...$drawing->choices, 'spans' => [['name' => 'arm', 'x1' => '0', 'y1' => '0', 'x2' => '1', 'y2' => '1', 'drawn' => $typed]]]])
        ->assertUnprocessable()->assertJsonValidationErrors('spans.0.drawn');
    expect($drawing->refresh()->version)->toBe(1);
})->with(['0 in', '0', '0/1 in', '-1 in']);

it('keeps no change that it cannot answer', function () {
    $drawing = Drawings::begin();
    $choices = $drawing->choices;
    // What is shown with the answer can be made from the photo alone, and it is gone.
    (new Illuminate\Filesystem\Filesystem)->cleanDirectory(config('inch.data').'/photos');
    (new Illuminate\Filesystem\Filesystem)->cleanDirectory(config('inch.data').'/cache');
    $answer = $this->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => [...$choices, 'title' => 'New', 'photo' => [...$choices['photo'], 'quarters' => 1]]]);
    expect($answer->getStatusCode())->toBeGreaterThanOrEqual(400)->and($answer->json('message'))->toBeString()
        ->and($drawing->refresh()->version)->toBe(1)->and($drawing->revisions()->count())->toBe(1);
});

it('puts a damaged document right by any step back, a step of the hand too', function () {
    $drawing = Drawings::begin(Drawings::FIVE_BY_SEVEN);
    $url = "/api/drawings/{$drawing->id}";
    $this->putJson("{$url}/cells/0/0", ['state' => 'done'])->assertOk();
    DB::table('drawings')->where('id', $drawing->id)->update(['choices' => '"x"']);
    $this->postJson("{$url}/undo", ['version' => 1])->assertOk()->assertJsonPath('workings.choices.title', 'Garden gate')->assertJsonPath('cells', []);
});

it('lists what was changed, the latest first, and goes straight to any of it, by hand or by choice', function () {
    $drawing = Drawings::begin();
    $path = "/api/drawings/{$drawing->id}";
    $act = [
        fn () => decide($drawing, 1, ['fit.cell' => '2 in'])->assertOk(),
        fn () => test()->putJson("{$path}/cells/1/0", ['state' => 'done'])->assertOk(),
        fn () => decide($drawing, 2, ['title' => 'Gate'])->assertOk(),
        fn () => test()->putJson("{$path}/cells/2/0", ['state' => 'done'])->assertOk(),
    ];
    $look = fn (): array => array_intersect_key(test()->getJson($path)->json(), ['cells' => 0, 'undo' => 0, 'redo' => 0]) + ['title' => standing($drawing, 'title'), 'cell' => standing($drawing, 'fit.cell')];
    $states = [$look()];
    foreach ($act as $change) {
        $change();
        $states[] = $look();
    }
    // Whatever is gone to, and from wherever, is as it was; nothing is lost on the way.
    foreach ([0, 4, 1, 3, 2, 0, 2, 4, 4] as $position) {
        ['version' => $version, 'edits' => $edits] = test()->getJson($path)->json();
        test()->postJson("{$path}/changes/{$position}", ['version' => $version, 'edits' => $edits])->assertOk();
        $now = $look();
        expect([...$now, 'undo' => null, 'redo' => null])->toBe([...$states[$position], 'undo' => null, 'redo' => null])
            ->and($now['undo'] === null)->toBe($position === 0)->and($now['redo'] === null)->toBe($position === 4);
        $told = test()->getJson("{$path}/changes")->assertOk()->json();
        expect(array_column($told, 'position'))->toBe([4, 3, 2, 1, 0])
            ->and(array_column($told, 'side'))->toBe(array_map(fn (int $at): int => $at <=> $position, [4, 3, 2, 1, 0]))
            ->and($told[1]['what'])->toBe('the title')->and($told[4]['what'])->toBe('begun')
            ->and(array_filter($told, fn (array $one): bool => strtotime($one['at']) === false))->toBe([]);
    }
    // Further than there is ends at the end; another's edits in between refuse it.
    ['version' => $version, 'edits' => $edits] = test()->getJson($path)->json();
    test()->postJson("{$path}/changes/99", ['version' => $version, 'edits' => $edits])->assertOk();
    expect($look()['title'])->toBe('Gate');
    test()->postJson("{$path}/changes/0", ['version' => $version, 'edits' => $edits - 1])->assertStatus(409);
    test()->postJson("{$path}/changes/0", ['version' => $version + 1])->assertStatus(409);
    expect($look()['title'])->toBe('Gate');
});

it('duplicates a drawing: the same picture and plan, nothing done, and each goes its own way', function (Closure $begin) {
    $drawing = $begin();
    $path = "/api/drawings/{$drawing->id}";
    decide($drawing, 1, ['title' => str_repeat('Gate and ', 13).'wall', 'fit.cell' => '2 in', 'paper.purpose' => 'trial', 'finish.lesson' => 'less water'])->assertOk();
    test()->putJson("{$path}/cells/1/0", ['state' => 'done'])->assertOk();
    $first = test()->getJson($path)->json();
    $copy = test()->postJson("{$path}/duplicate")->assertStatus(201)->json();
    $own = fn (array $one): array => array_diff_key($one['workings']['choices'], ['title' => 0, 'finish' => 0, 'paper' => 0]);
    expect($copy['id'])->not->toBe($first['id'])
        ->and($own($copy))->toBe($own($first))->and($copy['workings']['lines'])->toBe($first['workings']['lines'])
        ->and($copy['photo'])->toBe($first['photo'])
        ->and($copy['workings']['choices']['title'])->toEndWith(', copy')->toStartWith('Gate and Gate')
        ->and($copy['workings']['choices']['paper'])->toBe([...$first['workings']['choices']['paper'], 'purpose' => null])
        ->and($copy['workings']['choices']['finish']['lesson'])->toBe('')
        ->and($copy['cells'])->toBe([])->and($copy['undo'])->toBeNull()->and($copy['sheets'])->toBe([]);
    decide(Drawing::query()->findOrFail($copy['id']), 1, ['fit.cell' => '1 in'])->assertOk();
    test()->deleteJson($path)->assertNoContent();
    expect(test()->getJson("/api/drawings/{$copy['id']}")->assertOk()->json('workings.choices.fit.cell'))->toBe('1 in');
    test()->postJson("{$path}/restore")->assertOk();
    expect(standing($drawing, 'fit.cell'))->toBe('2 in');
})->with([
    'with a photo' => [fn () => Drawings::begin()],
    'one sheet of two' => [function () {
        $drawing = Drawings::begin();
        test()->postJson("/api/drawings/{$drawing->id}/sheet", ['purpose' => 'good'])->assertStatus(201);

        return $drawing->refresh();
    }],
]);

it('says which version it is, and names each library with its licence', function () {
    $about = test()->getJson('/api/about')->assertOk()->json();
    $libraries = array_column($about['libraries'], null, 'name');
    // composer.json and package.json are what is asked for; neither is read for the answer.
    $asked = fn (string $file, string $part): array => array_keys(json_decode((string) file_get_contents(base_path($file)), true)[$part]);
    $named = [...array_filter($asked('composer.json', 'require'), fn (string $name): bool => str_contains($name, '/')), ...$asked('package.json', 'dependencies')];
    expect(count($named))->toBeGreaterThan(10)->and(array_diff($named, array_keys($libraries)))->toBe([])
        ->and($libraries)->not->toHaveKey('pestphp/pest')
        ->and(array_filter($libraries, fn (array $one): bool => $one['licence'] === '' || preg_match('/^\d/', $one['version']) !== 1))->toBe([])
        ->and($about['licence'])->toBe(json_decode((string) file_get_contents(base_path('composer.json')), true)['license'])
        ->and((string) file_get_contents(base_path('LICENSE')))->toContain($about['licence']);
});
