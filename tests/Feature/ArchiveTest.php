<?php

use App\Archive\ArchiveWriter;
use App\Models\Drawing;
use App\Models\Photo;
use App\Wire\Description;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Photos;
use Tests\Schema;

/*
 * A drawing as one open file, out and in again.
 */

/** @param  array<string, mixed>  $choices */
function drawn(string $photo, array $choices = []): Drawing
{
    $id = test()->post('/api/drawings', ['photo' => new UploadedFile($photo, 'p.jpg', null, null, true)])->assertCreated()->json('id');
    $beside = test()->post('/api/photos', ['photo' => new UploadedFile(Photos::make(200, 100, 'png'), 'other.png', null, null, true)])->assertCreated()->json();
    $kept = test()->putJson("/api/drawings/{$id}", ['version' => 1, 'choices' => array_replace_recursive([
        'title' => 'Low wall, “noon”',
        'photo' => ['kind' => 'print', 'width' => '6 in', 'height' => '4 in', 'straighten' => 1.25],
        'points' => [['name' => 'eye', 'x' => '1/3', 'y' => '0.4', 'cross' => true]],
        'fit' => ['left' => '1/7'],
        'beside' => [$beside],
    ], $choices)])->assertOk();
    expect($kept->json('version'))->toBe(2);
    test()->putJson("/api/drawings/{$id}/cells/1/2", ['state' => 'done', 'doubtful' => true, 'words' => 'the rim, "a hair" lower'])->assertOk();
    test()->putJson("/api/drawings/{$id}/cells/0/0", ['state' => 'empty'])->assertOk();
    test()->putJson("/api/drawings/{$id}/marking/paper/top-1", ['done' => true])->assertOk();
    test()->putJson("/api/drawings/{$id}/marking/paper/check-look-2", ['done' => true])->assertOk();

    return Drawing::query()->findOrFail($id);
}

/** @return array<string, mixed> the workings of a drawing, less what differs by where it lies */
function workingsOf(string $id): array
{
    $drawing = test()->getJson("/api/drawings/{$id}")->assertOk()->json();
    $workings = $drawing['workings'];
    $workings['choices']['beside'] = array_column($workings['choices']['beside'], 'name');

    return ['workings' => $workings, 'cells' => $drawing['cells'], 'tones' => $drawing['tones'], 'marking' => Arr::except(test()->getJson("/api/drawings/{$drawing['id']}/marking/paper")->json(), 'kept')];
}

function exported(Drawing $drawing): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'archive');
    app(ArchiveWriter::class)->write($drawing, $path);

    return $path;
}

/**
 * The same archive with something done to it.
 *
 * @param  Closure(ZipArchive): void  $change
 */
function tampered(string $path, Closure $change): string
{
    $copy = (string) tempnam(sys_get_temp_dir(), 'archive');
    copy($path, $copy);
    $zip = new ZipArchive;
    $zip->open($copy);
    $change($zip);
    $zip->close();

    return $copy;
}

function bringIn(string $path): Illuminate\Testing\TestResponse
{
    return test()->post('/api/archives', ['photo' => new UploadedFile($path, 'drawing.zip', null, null, true)], ['Accept' => 'application/json']);
}

it('reads back what it wrote, to an identical drawing, here and on another machine', function (string $format, int $orientation) {
    $drawing = drawn(Photos::make(600, 400, $format, $orientation), $orientation >= 5 ? ['photo' => ['width' => '4 in', 'height' => '6 in']] : []);
    $path = exported($drawing);
    $before = workingsOf($drawing->id);
    $here = bringIn($path)->assertCreated()->json('id');
    expect($here)->not->toBe($drawing->id)
        ->and(workingsOf($here))->toEqual($before);
    // Another machine has none of it.
    Drawing::query()->withTrashed()->get()->each->forceDelete();
    Photo::query()->delete();
    $there = bringIn($path)->assertCreated()->json('id');
    expect(workingsOf($there))->toEqual($before);
})->with([
    'a JPEG' => ['jpeg', 1],
    'a JPEG the camera turned' => ['jpeg', 6],
    'a PNG' => ['png', 1],
    'a WebP' => ['webp', 1],
]);

it('reads an archive of the first document, which knew no doubts', function () {
    $path = tampered(exported(drawn(Photos::make())), function (ZipArchive $zip) {
        $cells = "mesh,column,row,state\r\n6x5,3,1,empty\r\n";
        $document = json_decode((string) $zip->getFromName('drawing.json'), true);
        unset($document['choices']['copy']);
        $zip->addFromString('drawing.json', (string) json_encode([...$document, 'version' => 1, 'cells_sha256' => hash('sha256', $cells)]));
        $zip->addFromString('cells.csv', $cells);
    });
    $id = bringIn($path)->assertCreated()->json('id');
    $read = test()->getJson("/api/drawings/{$id}");
    expect($read->json('cells'))->toBe([['column' => 3, 'row' => 1, 'state' => 'empty', 'reached' => 0, 'doubtful' => false, 'words' => '']])
        ->and($read->json('workings.choices.copy.start'))->toBe('corner');
});

it('exports a document as its published schema describes it', function () {
    $zip = new ZipArchive;
    $zip->open(exported(drawn(Photos::make())));
    $document = json_decode((string) $zip->getFromName('drawing.json'), true);
    (new Schema)->holds('ArchiveJson', $document);
    expect($document['kind'])->toBe('inch-ladder-drawing')
        ->and(hash('sha256', (string) $zip->getFromName('cells.csv')))->toBe($document['cells_sha256'])
        ->and((string) $zip->getFromName('cells.csv'))->toMatch('/^mesh,column,row,state,doubtful,words,place,reached\r\n6x5,0,0,empty,0,,(?:[\d.]+ ){7}[\d.]+,0\r\n6x5,1,2,done,1,"the rim, ""a hair"" lower",(?:[\d.]+ ){7}[\d.]+,3\r\n$/D')
        ->and(hash('sha256', (string) $zip->getFromName($document['photo']['file'])))->toBe($document['photo']['sha256']);
    $published = json_decode((string) file_get_contents(base_path('docs/drawing.schema.json')), true);
    expect($published)->toEqual(json_decode(Description::archiveSchema(), true), 'run php artisan inch:describe --archive > docs/drawing.schema.json');
});

it('hands on no word of where, when and with what a photo was taken', function (string $format) {
    $image = new Imagick(Photos::make(300, 200, $format));
    $image->setImageProperty('comment', 'taken at home');
    $path = Photos::file($image->getImageBlob(), ".{$format}");
    if ($format === 'jpeg') {
        // An Exif with a place in it, and a comment, before the picture.
        $exif = "Exif\0\0MM\0*".pack('N', 8).pack('n', 1).pack('nnN', 0x8825, 4, 1).pack('N', 26).pack('N', 0).'GPS 52.0 N 4.3 E';
        $bytes = (string) file_get_contents($path);
        $path = Photos::file(substr($bytes, 0, 2)."\xFF\xE1".pack('n', 2 + strlen($exif)).$exif."\xFF\xFE".pack('n', 16)."taken at home\0".substr($bytes, 2));
    }
    $id = $this->post('/api/drawings', ['photo' => new UploadedFile($path, 'p', null, null, true)])->assertCreated()->json('id');
    $zip = new ZipArchive;
    $zip->open(exported(Drawing::query()->findOrFail($id)));
    $document = json_decode((string) $zip->getFromName('drawing.json'), true);
    $photo = (string) $zip->getFromName($document['photo']['file']);
    expect($photo)->not->toContain('taken at home')
        ->not->toContain('GPS');
    $back = new Imagick;
    $back->readImageBlob($photo);
    $original = new Imagick($path);
    expect($back->getImageSignature())->toBe($original->getImageSignature(), 'The pixels are not the same.');
})->with(['jpeg', 'png', 'webp']);

it('refuses what is no drawing in one sentence, and keeps nothing of it', function (Closure $make, string $says) {
    // One archive for all of them: each spoils a copy of its own.
    static $sound = null;
    $sound ??= (string) file_get_contents(exported(drawn(Photos::make())));
    $path = $make(Photos::file($sound, '.zip'));
    [$drawings, $photos] = [Drawing::query()->count(), Photo::query()->count()];
    $answer = bringIn($path)->assertUnprocessable();
    expect($answer->json('errors.archive.0') ?? $answer->json('message'))->toContain($says)
        ->and(Drawing::query()->count())->toBe($drawings)
        ->and(Photo::query()->count())->toBe($photos);
})->with([
    'no zip' => [fn () => Photos::file('not a zip at all', '.zip'), 'no zip, or a damaged one'],
    'nothing' => [fn () => Photos::file('', '.zip'), 'no zip, or a damaged one'],
    'cut in half' => [fn (string $path) => Photos::file(substr((string) file_get_contents($path), 0, (int) (filesize($path) / 2)), '.zip'), 'no zip, or a damaged one'],
    'a way out of the folder' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->addFromString('../../evil.php', '<?php')), 'does not belong'],
    'an absolute path' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->addFromString('/etc/passwd', 'root')), 'does not belong'],
    'a program' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->addFromString('photo.php', '<?php')), 'does not belong'],
    'too many things' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => array_map(fn (int $i) => $zip->addFromString("more-{$i}", ''), range(1, 50))), 'more than a drawing can hold'],
    'a document that unfolds without end' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->addFromString('drawing.json', str_repeat(' ', 3_000_000))), 'more than a drawing can hold'],
    'another document' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->addFromString('drawing.json', '{"kind":"recipe","version":1}')), 'drawing.json'],
    'no document' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->deleteName('drawing.json')), 'drawing.json'],
    'a newer document' => [fn (string $path) => tampered($path, function (ZipArchive $zip) {
        $zip->addFromString('drawing.json', (string) json_encode([...json_decode((string) $zip->getFromName('drawing.json'), true), 'version' => App\Archive\ArchiveWriter::VERSION + 1]));
    }), 'by a newer Inch Ladder'],
    'choices that cannot be' => [fn (string $path) => tampered($path, function (ZipArchive $zip) {
        $zip->addFromString('drawing.json', (string) json_encode(array_replace_recursive(json_decode((string) $zip->getFromName('drawing.json'), true), ['choices' => ['grid' => ['columns' => 900]]])));
    }), 'The limit is 60 a side'],
    'another photo' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->addFromString('photo.jpg', 'x')), '“photo.jpg” in this archive is damaged'],
    'no photo' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->deleteName('photo.jpg')), '“photo.jpg” in this archive is damaged'],
    'other cells' => [fn (string $path) => tampered($path, fn (ZipArchive $zip) => $zip->addFromString('cells.csv', "mesh,column,row,state\r\n")), '“cells.csv” in this archive is damaged'],
    'a photo that is none, with its hash' => [fn (string $path) => tampered($path, function (ZipArchive $zip) {
        $document = json_decode((string) $zip->getFromName('drawing.json'), true);
        $document['photo']['sha256'] = hash('sha256', 'dear diary');
        $zip->addFromString('drawing.json', (string) json_encode($document));
        $zip->addFromString('photo.jpg', 'dear diary');
    }), 'not a picture that can be read here'],
    'marks that are none, with their hash' => [fn (string $path) => tampered($path, function (ZipArchive $zip) {
        $marks = "board,tick,place\r\npaper,../../x,1\r\n";
        $zip->addFromString('drawing.json', (string) json_encode([...json_decode((string) $zip->getFromName('drawing.json'), true), 'marks_sha256' => hash('sha256', $marks)]));
        $zip->addFromString('marks.csv', $marks);
    }), '“marks.csv” in this archive is damaged'],
    'cells that are none, with their hash' => [fn (string $path) => tampered($path, function (ZipArchive $zip) {
        $cells = "mesh,column,row,state\r\n5x7,1,1,<script>\r\n";
        $zip->addFromString('drawing.json', (string) json_encode([...json_decode((string) $zip->getFromName('drawing.json'), true), 'cells_sha256' => hash('sha256', $cells)]));
        $zip->addFromString('cells.csv', $cells);
    }), '“cells.csv” in this archive is damaged'],
]);

it('refuses a request with no file', function () {
    $this->postJson('/api/archives')->assertUnprocessable()->assertJsonPath('errors.archive.0', 'No file came with this. Choose a drawing that was exported, a .zip.');
});

it('exports and imports on the command line, sizes alone too', function () {
    $id = $this->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id');
    $path = sys_get_temp_dir().'/inch-archive-'.bin2hex(random_bytes(4)).'.zip';
    $output = new BufferedOutput;
    expect(Artisan::call("inch:export {$id} --out={$path}", [], $output))->toBe(0)
        ->and(Artisan::call("inch:import {$path}", [], $output))->toBe(0);
    $back = json_decode($output->fetch(), true)['drawing'];
    expect(workingsOf($back))->toEqual(workingsOf($id))
        ->and(Artisan::call('inch:import /nowhere.zip', [], $output))->toBe(1)
        ->and($output->fetch())->toContain('There is no file “/nowhere.zip”')
        ->and(Artisan::call("inch:export {$id} --out=/nowhere/x.zip", [], $output))->toBe(1)
        ->and($output->fetch())->toContain('could not be written');
    unlink($path);
});

/** What is said of a drawing, whatever its ids and its times are. */
function saidOf(Drawing $drawing): array
{
    $said = workingsOf($drawing->id);
    data_forget($said, 'workings.choices.shots.*.id');

    return [$said, $drawing->sittings()->get()->map->sitting()->map(fn ($sitting) => [$sitting->seconds, $sitting->lesson])->all()];
}

it('takes in again whatever it accepted', function (string $method, string $path, array $body) {
    $drawing = drawn(Photos::make());
    $this->putJson("/api/drawings/{$drawing->id}/sitting", ['rung' => 'copy', 'pass' => 'place', 'seconds' => 60])->assertSuccessful();
    $answer = $this->json($method, "/api/drawings/{$drawing->id}/{$path}", $body);
    expect($answer->getStatusCode())->toBeIn([200, 204, 422]);
    $again = Drawing::query()->findOrFail(bringIn(exported($drawing->refresh()))->assertCreated()->json('id'));
    expect(saidOf($again))->toEqual(saidOf($drawing));
})->with([
    'a pass of blanks' => ['PUT', 'sitting', ['rung' => 'copy', 'pass' => ' ', 'seconds' => 5]], 'an empty pass' => ['PUT', 'sitting', ['rung' => 'copy', 'pass' => '', 'seconds' => 5]],
    'words of blanks' => ['PUT', 'cells/0/1', ['words' => '   ']], 'words that end in a line feed' => ['PUT', 'cells/0/1', ['words' => "rim\n"]], 'a state of blanks' => ['PUT', 'cells/0/1', ['state' => ' ']],
    'a lesson of blanks' => ['PUT', 'sittings/1', ['lesson' => "\t "]], 'a lesson that ends in a line feed' => ['PUT', 'sittings/1', ['lesson' => "slower\n"]],
    'passes of blanks' => ['PUT', 'cells', ['cells' => [1, 2], 'reached' => ' ']], 'a flag of blanks' => ['PUT', 'cells/0/1', ['doubtful' => ' ']], 'cells that are blanks' => ['PUT', 'cells', ['cells' => [' ', '1'], 'state' => 'done']],
]);

it('unpacks no more than an archive can honestly hold, on the disk of the data, and leaves nothing', function (Closure $make) {
    $path = $make();
    expect(filesize($path))->toBeLessThan(3_000_000);
    bringIn($path)->assertUnprocessable()->assertJsonPath('message', fn (string $says) => str_contains($says, 'more than a drawing can hold'));
    expect(glob(config('inch.data').'/incoming/*'))->toBe([])->and(Drawing::query()->count())->toBe(0);
})->with([
    'a picture of nothing' => [function () {
        $path = tempnam(sys_get_temp_dir(), 'bomb');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('photo.png', str_repeat("\0", 66_000_000));
        $zip->addFromString('drawing.json', '{}');
        $zip->close();

        return $path;
    }],
    'archives within, each of nothing' => [function () {
        $inner = tempnam(sys_get_temp_dir(), 'bomb');
        $zip = new ZipArchive;
        $zip->open($inner, ZipArchive::OVERWRITE);
        foreach (range(1, 8) as $i) {
            $zip->addFromString("shot-{$i}.jpg", str_repeat("\0", 9_000_000));
        }
        $zip->close();
        $drawing = drawn(Photos::make());
        $path = tampered(exported($drawing), function (ZipArchive $zip) use ($inner) {
            $document = json_decode((string) $zip->getFromName('drawing.json'), true);
            $document['sheets'] = array_map(fn (int $i): array => ['file' => "sheet-{$i}.zip", 'sha256' => hash_file('sha256', $inner)], [2, 3]);
            $zip->addFromString('drawing.json', (string) json_encode($document));
            $zip->addFile($inner, 'sheet-2.zip');
            $zip->addFile($inner, 'sheet-3.zip');
        });
        $drawing->forceDelete();

        return $path;
    }],
]);
