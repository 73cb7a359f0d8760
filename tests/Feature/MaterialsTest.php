<?php

use App\Archive\ArchiveReader;
use App\Archive\ArchiveWriter;
use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Keeping\Bin;
use App\Models\Drawing;
use App\Models\OwnPencil;
use App\Models\Photo;
use App\Models\Preset;
use App\Models\Sheets;
use Illuminate\Foundation\Testing\RefreshDatabase;
use InchLadder\Paper\Purpose;
use Tests\Drawings;
use Tests\Photos;
use Tests\Shot;

uses(RefreshDatabase::class);

function portrayed(array $choices = []): Drawing
{
    $photo = app(PhotoStore::class)->take(Photos::photographic(600, 800, 5));

    return Drawing::begin($photo, ChoicesReader::read(array_replace_recursive(['title' => 'A study', 'points' => [['name' => 'eye', 'x' => '0.4', 'y' => '0.3', 'cross' => false]]], $choices), 600, 800)->json);
}

/** @param  array<string, mixed>  $changes */
function decided(string $id, array $changes): array
{
    $shown = test()->getJson("/api/drawings/{$id}")->assertOk()->json();
    $answer = test()->putJson("/api/drawings/{$id}", ['version' => $shown['version'], 'choices' => array_replace_recursive($shown['workings']['choices'], $changes)]);

    return $answer->assertOk()->json();
}

it('holds several sheets in one drawing, each with its own plan, cells and marks', function () {
    $drawing = portrayed();
    test()->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done'])->assertOk();
    decided($drawing->id, ['paper' => ['setup' => ['face']], 'finish' => ['done' => ['shot']]]);
    $good = test()->postJson("/api/drawings/{$drawing->id}/sheet", ['purpose' => 'good'])->assertCreated()->json();
    expect($good['cells'])->toBe([])->and($good['workings']['choices']['points'])->toHaveCount(1)->and($good['workings']['choices']['paper']['purpose'])->toBe('good')
        ->and($good['workings']['choices']['paper']['setup'])->toBe([])->and($good['workings']['choices']['finish']['done'])->toBe([])->and($good['sheets'])->toHaveCount(2);
    // What is decided on one is decided on it alone.
    decided($good['id'], ['paper' => ['sheet' => 'a2', 'width' => '420 mm', 'height' => '594 mm'], 'finish' => ['medium' => 'pastel']]);
    $first = test()->getJson("/api/drawings/{$drawing->id}")->json();
    expect($first['workings']['choices']['paper']['sheet'])->not->toBe('a2')->and($first['workings']['choices']['finish']['medium'])->toBe('graphite')->and($first['cells'])->toHaveCount(1)->and($first['sheets'])->toHaveCount(2);
    // Side by side on the shelf, though the first page may hold one of them alone.
    $shelf = test()->getJson('/api/drawings')->json();
    expect(array_unique(array_column($shelf, 'work')))->toBe([$drawing->id])->and(array_column($shelf, 'id'))->toEqualCanonicalizing([$drawing->id, $good['id']]);

    // One is taken away, and the other stays; then it is the only one, and stays too.
    test()->deleteJson("/api/drawings/{$good['id']}/sheet")->assertNoContent();
    expect(test()->getJson("/api/drawings/{$drawing->id}")->json('sheets'))->toBe([]);
    expect(test()->deleteJson("/api/drawings/{$drawing->id}/sheet")->assertUnprocessable()->json('message'))->toContain('only sheet');
    test()->getJson("/api/drawings/{$drawing->id}")->assertOk()->assertJsonPath('cells.0.state', 'done');
    // The whole drawing goes into the bin and comes back with all its sheets.
    test()->postJson("/api/drawings/{$good['id']}/restore")->assertOk();
    test()->deleteJson("/api/drawings/{$drawing->id}")->assertNoContent();
    expect(test()->getJson('/api/drawings')->json())->toBe([]);
    test()->postJson("/api/drawings/{$drawing->id}/restore")->assertOk();
    expect(test()->getJson('/api/drawings')->json())->toHaveCount(2);
});

it('adds no sheet of which nobody said what it is for', function (mixed $purpose) {
    $drawing = Drawings::begin();
    test()->postJson("/api/drawings/{$drawing->id}/sheet", ['purpose' => $purpose])->assertUnprocessable()->assertJsonPath('errors.purpose.0', 'Say what the sheet is for: trial or good.');
    expect(test()->getJson('/api/drawings')->json())->toHaveCount(1);
})->with([null, 'best', 7, [['trial']], '']);

it('adds no sheet beyond what a drawing holds', function () {
    $drawing = Drawings::begin(['photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in']]);
    for ($i = 1; $i < Sheets::MOST; $i++) {
        test()->postJson("/api/drawings/{$drawing->id}/sheet", ['purpose' => 'trial'])->assertCreated();
    }
    expect(test()->postJson("/api/drawings/{$drawing->id}/sheet", ['purpose' => 'trial'])->assertUnprocessable()->json('message'))->toContain((string) Sheets::MOST);
});

it('carries all sheets of a drawing in one archive, whichever of them is exported', function (int $seed) {
    mt_srand($seed);
    $drawing = portrayed();
    $ids = [$drawing->id];
    for ($i = 0; $i < 1 + $seed % 3; $i++) {
        $ids[] = (new Sheets(Drawing::query()->findOrFail($ids[0])))->another([Purpose::Trial, Purpose::Good][mt_rand(0, 1)])->id;
    }
    foreach ($ids as $i => $id) {
        decided($id, ['paper' => ['sheet' => ['a4', 'a3', 'letter'][mt_rand(0, 2)], 'setup' => array_slice(['face', 'square', 'corners'], 0, mt_rand(0, 3))], 'finish' => ['medium' => ['ink', 'pastel', 'relief print'][mt_rand(0, 2)], 'transfer' => [null, 'pounce', 'traced'][mt_rand(0, 2)]]]);
        mt_rand(0, 1) && test()->putJson("/api/drawings/{$id}/cells/{$i}/0", ['state' => ['done', 'empty'][mt_rand(0, 1)]])->assertOk();
    }
    // Ids aside, of drawings and of what names them.
    $told = function (array $ids): array {
        $all = array_map(function (string $id): array {
            $one = Drawing::query()->findOrFail($id);

            return [$one->document(), $one->cellNotes()->orderBy('spot')->get()->map(fn ($note) => [$note->spot, $note->state])->all(), $one->photo?->sha256];
        }, $ids);
        sort($all);

        return $all;
    };
    $path = (string) tempnam(sys_get_temp_dir(), 'inch');
    app(ArchiveWriter::class)->write(Drawing::query()->findOrFail($ids[mt_rand(0, count($ids) - 1)]), $path);
    $before = $told($ids);
    $back = app(ArchiveReader::class)->read($path);
    $sheets = array_map(fn (Drawing $one): string => $one->id, (new Sheets($back->fresh()))->all());
    expect($sheets)->toHaveCount(count($ids))->and(array_intersect($sheets, $ids))->toBe([])->and($told($sheets))->toEqual($before);
    // The photo is in it once, however many sheets there are.
    $zip = new ZipArchive;
    $zip->open($path);
    $names = array_map(fn (int $i) => $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
    expect(count(array_filter($names, fn ($name) => str_starts_with((string) $name, 'photo.'))))->toBe(1);
    // One that was cut short brings nothing.
    $count = Drawing::query()->count();
    $zip->deleteName('sheet-2.zip');
    $zip->close();
    expect(fn () => app(ArchiveReader::class)->read($path))->toThrow(App\Archive\ArchiveRefused::class)->and(Drawing::query()->count())->toBe($count);
    unlink($path);
})->with(seeds(2, 6));

it('counts sheets as they are taken, and gives them back with undo', function () {
    $drawing = portrayed(['paper' => ['sheet' => null, 'name' => 'Rough 300', 'width' => '11 in', 'height' => '15 in']]);
    $kept = test()->postJson('/api/keepsakes', ['kind' => 'paper', 'name' => 'Rough 300', 'choices' => $drawing->document(), 'wide' => 600, 'high' => 800])->assertCreated()->json();
    expect($kept['left'])->toBeNull();
    $left = fn (): ?int => test()->getJson('/api/keepsakes')->json('0.left');
    test()->putJson("/api/keepsakes/{$kept['id']}", ['count' => 3])->assertOk()->assertJsonPath('left', 3)->assertJsonPath('low', null);
    decided($drawing->id, ['paper' => ['setup' => ['taken']]]);
    expect($left())->toBe(2);
    // Another sheet of the drawing is not taken yet.
    $other = test()->postJson("/api/drawings/{$drawing->id}/sheet", ['purpose' => 'good'])->assertCreated()->json('id');
    expect($left())->toBe(2);
    decided($other, ['paper' => ['setup' => ['taken']]]);
    expect($left())->toBe(1)->and(test()->getJson('/api/keepsakes')->json('0.low'))->toBe('One sheet of Rough 300 is left.');
    // Taken back, it lies there again; brought back, it is gone again.
    test()->postJson("/api/drawings/{$other}/undo", ['version' => Drawing::query()->find($other)->version])->assertOk();
    expect($left())->toBe(2);
    // In the bin it stays taken; thrown away for good it is used up.
    test()->deleteJson("/api/drawings/{$drawing->id}")->assertNoContent();
    expect($left())->toBe(2);
    app(Bin::class)->empty();
    expect($left())->toBe(2)->and(Preset::query()->first()->content['count'])->toBe(2);
    // What is counted anew is what lies there.
    test()->putJson("/api/keepsakes/{$kept['id']}", ['count' => 0])->assertOk()->assertJsonPath('low', 'No sheet of Rough 300 is left.');
    foreach ([-1, 'many', 10000, 2.5] as $wrong) {
        expect(test()->putJson("/api/keepsakes/{$kept['id']}", ['count' => $wrong])->assertUnprocessable()->json('errors.count.0'))->toContain('from 0 to 9999');
    }
    expect($left())->toBe(0);
    test()->putJson("/api/keepsakes/{$kept['id']}", ['count' => null])->assertOk()->assertJsonPath('left', null);
});

it('keeps pencils under names of their own, and says why one cannot be kept', function (array $wanted, string $field, string $says) {
    test()->postJson('/api/pencils', ['name' => '2B', 'kind' => 'graphite'])->assertCreated();
    expect(test()->postJson('/api/pencils', $wanted)->assertUnprocessable()->json('errors')[$field][0])->toContain($says)->and(OwnPencil::query()->count())->toBe(1);
})->with([
    'two of one name' => [['name' => ' 2B ', 'kind' => 'graphite'], 'pencil.name', 'called “2B”'],
    'no name' => [['name' => '  ', 'kind' => 'graphite'], 'pencil.name', '1 to 60'],
    'a long one' => [['name' => str_repeat('x', 61), 'kind' => 'graphite'], 'pencil.name', '1 to 60'],
    'no kind' => [['name' => 'Twig', 'kind' => 'wood'], 'pencil.kind', 'graphite'],
    'no colour' => [['name' => 'Red', 'kind' => 'pastel', 'firm' => 'red'], 'pencil.colour', '“red” is no colour'],
]);

it('changes a pencil in its place, in another script too, and lists them as one counts', function () {
    $id = test()->postJson('/api/pencils', ['name' => '10B', 'kind' => 'graphite'])->assertCreated()->json('id');
    test()->postJson('/api/pencils', ['name' => '2B', 'kind' => 'graphite', 'firm' => '#404040'])->assertCreated();
    test()->postJson('/api/pencils', ['name' => '黄土色', 'kind' => 'pastel', 'firm' => '#c08a30'])->assertCreated();
    test()->postJson('/api/pencils', ['id' => $id, 'name' => '10B', 'kind' => 'graphite', 'firm' => '#303030'])->assertCreated()->assertJsonPath('id', $id);
    $all = test()->getJson('/api/pencils')->json();
    expect(array_column($all, 'name'))->toBe(['2B', '10B', '黄土色'])->and($all[1]['says'])->toBe('Grey, very dark. L* 20, C* 0');
    test()->deleteJson("/api/pencils/{$id}")->assertNoContent();
    expect(test()->getJson('/api/pencils')->json())->toHaveCount(2);
});

it('tells the colour of a place in words and numbers, with the pencils nearest to it on this paper', function (string $paper) {
    $drawing = portrayed(['paper' => ['colour' => $paper]]);
    $url = "/api/drawings/{$drawing->id}/colours/at?x=0.5&y=0.5";
    expect(test()->getJson($url)->assertOk()->json('near'))->toBe([]);
    foreach (['Brick' => '#a03828', 'Leaf' => '#4a8030', 'Sea' => '#2860a0', 'Sun' => '#e8c030', 'Stone' => '#888888'] as $name => $colour) {
        test()->postJson('/api/pencils', ['name' => $name, 'kind' => 'coloured pencil', 'firm' => $colour])->assertCreated();
    }
    $told = test()->getJson($url)->assertOk()->json();
    expect($told['numbers'])->toMatch('/^L\* \d+, C\* \d+/')->and($told['near'])->not->toBe([])->and($told['near'][0]['words'])->toMatch('/ΔE \d+\.\d/');
    // The same place by the probe: one colour through every door.
    expect(test()->getJson("/api/drawings/{$drawing->id}/tones/at?x=0.5&y=0.5")->json('colour'))->toBe($told['colour']);
})->with(['white', 'tan', 'black']);

it('reads a flat colour as the file has it, to the unit, however the photo is held', function (string $hex, array $held) {
    $picture = new Imagick;
    $picture->newImage(1500, 2100, $hex);
    $picture->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($picture->getImageBlob(), '.png'));
    $drawing = Drawings::begin(['photo' => ['kind' => 'screen', ...$held]] + Drawings::FIVE_BY_SEVEN, photo: $photo);
    expect(test()->getJson("/api/drawings/{$drawing->id}/colours/at?x=0.4&y=0.6")->assertOk()->json('colour'))->toBe($hex);
})->with(['#966c51', '#0b0c0d'])->with([
    'as it is' => [[]], 'turned and mirrored' => [['quarters' => 1, 'mirrored' => true]], 'straightened' => [['straighten' => 2.5]],
]);

it('reads a page of swatches through the door, and keeps nothing until it is told to', function () {
    $drawing = portrayed();
    expect(test()->postJson("/api/drawings/{$drawing->id}/rehearsed-swatches")->assertUnprocessable()->json('message'))->toContain('no pencil');
    foreach (['B' => 'graphite', '4B' => 'graphite', 'Moss' => 'coloured pencil'] as $name => $kind) {
        test()->postJson('/api/pencils', ['name' => $name, 'kind' => $kind])->assertCreated();
    }
    $read = test()->postJson("/api/drawings/{$drawing->id}/rehearsed-swatches")->assertOk()->json();
    expect(array_column($read, 'name'))->toBe(['4B', 'B', 'Moss'])->and($read[0]['firm'])->toMatch('/^#[0-9a-f]{6}$/')->and(OwnPencil::query()->whereNotNull('firm')->count())->toBe(0);
    expect(test()->postJson("/api/drawings/{$drawing->id}/swatches", [])->assertUnprocessable()->json('message'))->toBeString();
});

it('shows whites that are kept in the crop, counts them on Tone and Finish, and looks at them on a shot', function () {
    $drawing = Shot::drawing(['regions' => [
        ['left' => '0.02', 'top' => '0.02', 'width' => '0.1', 'height' => '0.08', 'use' => 'kept white'],
        ['left' => '0.5', 'top' => '0.5', 'width' => '0.1', 'height' => '0.1', 'use' => 'not needed'],
    ]]);
    $url = "/api/drawings/{$drawing->id}";
    $shown = test()->getJson($url)->assertOk()->json('workings');
    expect($shown['whites'])->toHaveCount(1)->and($shown['whites'][0]['left'])->toEqualWithDelta(0.02, 0.001);
    $task = fn (): array => collect(test()->getJson("{$url}/finish")->json())->firstWhere('key', 'whites');
    $sums = fn (): string => implode(' ', test()->getJson("{$url}/tones")->json('sums'));
    expect($task()['words'])->toBe('Is the white you keep still bare?')->and($task()['why'])->toContain('A drawing photo would count')->and($sums())->toContain($task()['why']);
    [$path] = Shot::take($drawing);
    Shot::keep($drawing, $path);
    // One word on it, on both rungs.
    expect($task()['why'])->toBe('On the last drawing photo all of them are as bare as the paper.')->and($sums())->toContain($task()['why']);
    // Cropped away it is not asked for; turned, it is where it was.
    decided($drawing->id, ['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0.3', 'top' => '0.3', 'width' => '0.5', 'height' => '0.5']]);
    expect(test()->getJson($url)->json('workings.whites'))->toBe([])->and(collect(test()->getJson("{$url}/finish")->json())->firstWhere('key', 'whites'))->toBeNull();
});

it('leaves no picture behind of an archive whose second sheet is broken', function () {
    $drawing = portrayed();
    (new Sheets($drawing))->another(Purpose::Good);
    $path = (string) tempnam(sys_get_temp_dir(), 'inch');
    app(ArchiveWriter::class)->write(Drawing::query()->findOrFail($drawing->id), $path);
    // Its hash is right, and what is in it is not.
    [$zip, $inner] = [new ZipArchive, new ZipArchive];
    $zip->open($path);
    file_put_contents("{$path}.inner", $zip->getFromName('sheet-2.zip'));
    $inner->open("{$path}.inner");
    $inner->addFromString('cells.csv', 'mesh');
    $inner->close();
    $document = json_decode((string) $zip->getFromName('drawing.json'), true);
    $document['sheets'][0]['sha256'] = hash_file('sha256', "{$path}.inner");
    $zip->addFile("{$path}.inner", 'sheet-2.zip');
    $zip->addFromString('drawing.json', (string) json_encode($document));
    $zip->close();
    // Another machine: it knows nothing of the photo.
    Drawing::query()->each(fn (Drawing $one) => $one->forceDelete());
    Photo::query()->get()->each(app(PhotoStore::class)->forget(...));
    $files = fn (): array => array_map(strval(...), iterator_to_array(new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator((string) config('inch.data'), FilesystemIterator::SKIP_DOTS)), '~/photos/~'), false));
    $before = $files();
    expect(fn () => app(ArchiveReader::class)->read($path))->toThrow(App\Archive\ArchiveRefused::class)
        ->and([Drawing::query()->count(), Photo::query()->count()])->toBe([0, 0])->and($files())->toEqualCanonicalizing($before);
    array_map(unlink(...), [$path, "{$path}.inner"]);
});

it('takes a pencil that was held against the bar by eye to reach just that box, on whatever paper', function (string $paper) {
    $drawing = portrayed(['paper' => ['colour' => $paper], 'tone' => ['steps' => 6]]);
    $tones = fn (): array => test()->getJson("/api/drawings/{$drawing->id}/tones")->assertOk()->json();
    $box = $tones()['bar'][3];
    test()->postJson('/api/pencils', ['name' => '2B', 'kind' => 'graphite', 'firm' => $box['on_white']])->assertCreated();
    expect($tones()['reach']['out'])->toBe([5, 6])->and($tones()['reach']['says'])->toContain('5 and 6', '2B');
})->with(['white', 'cream', 'grey', 'tan', 'blue grey']);

it('begins the set-up anew on another sheet, and takes none from its stock unasked', function (array $other, array $setup) {
    $drawing = portrayed(['paper' => ['sheet' => null, 'name' => 'Rough 300', 'width' => '11 in', 'height' => '15 in', 'setup' => ['taken', 'face']]]);
    $kept = test()->postJson('/api/keepsakes', ['kind' => 'paper', 'name' => 'Smooth 200', 'choices' => $drawing->document(), 'wide' => 600, 'high' => 800])->json('id');
    test()->putJson("/api/keepsakes/{$kept}", ['count' => 2])->assertJsonPath('left', 2);
    $shown = test()->getJson("/api/drawings/{$drawing->id}")->json();
    $choices = $shown['workings']['choices'];
    $choices['paper'] = [...$choices['paper'], ...$other];
    $after = test()->putJson("/api/drawings/{$drawing->id}", ['version' => $shown['version'], 'choices' => $choices])->assertOk()->json();
    expect($after['workings']['choices']['paper']['setup'])->toBe($setup)->and(test()->getJson('/api/keepsakes')->json('0.left'))->toBe($setup === ['taken'] ? 1 : 2);
    test()->postJson("/api/drawings/{$drawing->id}/undo", ['version' => $after['version']])->assertOk()->assertJsonPath('workings.choices.paper.setup', ['taken', 'face']);
})->with([
    'another of the stock' => [['name' => 'Smooth 200'], []],
    'one of the catalogue' => [['sheet' => 'a3', 'name' => null, 'width' => '297 mm', 'height' => '420 mm'], []],
    'another, and taken at once' => [['name' => 'Smooth 200', 'setup' => ['taken']], ['taken']],
    'the same, measured again' => [['width' => '10 3/4 in'], ['taken', 'face']],
    'the same, turned' => [['turn' => 'sideways'], ['taken', 'face']],
]);

it('keeps a box of pencils at once, what is on the list already as it is, and nothing of one that is refused', function () {
    $this->postJson('/api/pencils', ['id' => null, 'name' => 'HB', 'kind' => 'graphite', 'firm' => '#404040', 'soft' => null])->assertCreated();
    $box = $this->postJson('/api/pencils/box', ['box' => 'H to 2B, crayon #a02030', 'kind' => 'graphite'])->assertCreated()->json();
    expect(array_column($box['kept'], 'name'))->toBe(['H', 'F', 'B', '2B', 'crayon'])->and($box['says'])->toBe(['5 pencils are on the list now.', 'HB was on it already, and stays as it is.']);
    $all = array_column($this->getJson('/api/pencils')->json(), 'firm', 'name');
    expect([count($all), $all['HB'], $all['crayon'], $all['2B']])->toBe([6, '#404040', '#a02030', null]);
    foreach ([['HB, red #zz', 'graphite', 'pencil.colour'], ['12', 'felt', 'pencil.kind'], ['', 'graphite', 'pencil.name'], ['a 1 to 200, b 1 to 200', 'pastel', 'pencil.colour']] as [$typed, $kind, $beside]) {
        $this->postJson('/api/pencils/box', ['box' => $typed, 'kind' => $kind])->assertUnprocessable()->assertJsonStructure(['errors' => [$beside]]);
    }
    expect($this->getJson('/api/pencils')->json())->toHaveCount(6);
});
