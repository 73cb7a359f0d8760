<?php

use App\Documents\ChoicesReader;
use Tests\Drawings;
use Tests\Photos;

/** Every field of a choices document, by its dotted name; in a short run each third one, others for another junk. */
function fields(mixed $junk): array
{
    $first = crc32(serialize($junk)) % 3;

    $all = array_keys(Illuminate\Support\Arr::dot(ChoicesReader::DEFAULTS));

    return array_filter($all, static fn (int $i): bool => isLong() || $i % 3 === $first, ARRAY_FILTER_USE_KEY);
}

it('answers any junk in any field with a plan or a sentence, never with a fault of its own', function (mixed $junk) {
    foreach (fields($junk) as $field) {
        $choices = ChoicesReader::DEFAULTS;
        data_set($choices, 'photo', ['kind' => 'print', 'width' => '5 in', 'height' => '7 in', 'agreed' => false]);
        data_set($choices, $field, $junk);
        $answer = test()->postJson('/api/workings', ['choices' => $choices, 'wide' => 500, 'high' => 700]);
        expect($answer->status())->toBeIn([200, 422], "{$field} = ".json_encode($junk));
        if ($answer->status() === 422) {
            expect($answer->json('message'))->toBeString()->not->toBe('')
                ->and(array_keys($answer->json('errors')))->not->toBe([]);
        }
    }
})->with([
    'nothing' => [null], 'an empty text' => [''], 'a list' => [[1, 2]], 'a map' => [['mm' => 3]], 'yes' => [true], 'no' => [false], 'zero' => [0], 'minus one' => [-1],
    'a huge number' => [1e300], 'a tiny number' => [1e-300], 'a long text' => [str_repeat('x', 5000)], 'digits' => [str_repeat('9', 60)], 'a fraction of giants' => ['999999999/999999998'],
    'markup' => ['<script>alert(1)</script>'], 'another script' => ['пять дюймов'], 'a null byte' => ["5\0in"], 'not UTF-8 once decoded' => ["\u{FFFD}"], 'a path' => ['../../etc/passwd'],
    'a right-to-left mark' => ["\u{202E}5 in"], 'a query' => ["'; DROP TABLE drawings; --"], 'infinity' => ['INF'], 'not a number' => ['NAN'], 'hex' => ['0x1F'],
]);

it('answers bodies that are no document at all', function (string $body, string $type, int $status) {
    $answer = test()->call('POST', '/api/workings', [], [], [], ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], $body);
    expect($answer->status())->toBe($status)->and($answer->json('message'))->toBeString();
})->with([
    'nothing' => ['', 'application/json', 422], 'broken JSON' => ['{"choices":', 'application/json', 422], 'a text' => ['"choices"', 'application/json', 422],
    'a number' => ['7', 'application/json', 422], 'a form' => ['choices=1', 'application/x-www-form-urlencoded', 422], 'deep nesting' => [str_repeat('[', 600).str_repeat(']', 600), 'application/json', 422],
]);

it('works out every extreme that is within the bounds', function (array $choices) {
    $answer = test()->postJson('/api/workings', ['choices' => $choices, 'wide' => 500, 'high' => 700])->assertOk();
    expect($answer->json('across'))->toHaveCount($answer->json('grid.columns'))
        ->and($answer->json('down'))->toHaveCount($answer->json('grid.rows'));
})->with([
    'a wall' => [['paper' => ['sheet' => null, 'width' => '20 m', 'height' => '20 m']]],
    'a stamp' => [['paper' => ['sheet' => null, 'width' => '17 mm', 'height' => '1 in', 'margins' => ['top' => '1 mm', 'right' => '1 mm', 'bottom' => '1 mm', 'left' => '1 mm']]]],
    'sixty by sixty' => [['grid' => ['school' => 'proportional', 'columns' => 60, 'rows' => 60]]],
    'one by one' => [['grid' => ['school' => 'proportional', 'columns' => 1, 'rows' => 1]]],
    'an awkward sheet' => [['paper' => ['sheet' => null, 'width' => '8 17/31 in', 'height' => '10.987654321 in']]],
    'an awkward print' => [['photo' => ['kind' => 'print', 'width' => '4 999999/1000000 in', 'height' => '177.777777 mm']]],
    'a crop in a far corner' => [['fit' => ['left' => 0.999999, 'top' => 0.999999, 'size' => 0.05]]],
    'a crop as sent by a drag' => [['fit' => ['left' => 0.12345678901234, 'top' => 1e-7, 'size' => 0.333333333]]],
]);

it('takes nothing for a drawing that is none', function (string $method, string $path) {
    test()->json($method, "/api/drawings/{$path}", ['version' => 1, 'choices' => [], 'state' => 'done'])->assertNotFound()->assertJsonPath('message', fn (string $message) => $message !== '');
})->with([
    ['GET', 'nosuch'],
    ['PUT', 'nosuch'],
    ['DELETE', 'nosuch'],
    ['POST', 'nosuch/undo'],
    ['POST', 'nosuch/restore'],
    ['PUT', 'nosuch/cells/0/0'],
    ['GET', 'nosuch/sheets/gridded.pdf'],
    ['GET', "'%20or%201=1"],
]);

it('gives no file but pictures by the photo’s address', function (string $path) {
    test()->get("/api/photos/{$path}")->assertNotFound();
})->with([
    'nosuch/preview.jpg',
    '../../../etc/passwd/preview.jpg',
    '%2e%2e%2f%2e%2e/cut.jpg',
]);

it('keeps a title as it is typed, and never as markup', function (string $title, string $kept) {
    $drawing = Drawings::begin();
    $choices = [...Drawings::FIVE_BY_SEVEN, 'title' => $title];
    $answer = test()->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => $choices])->assertOk();
    expect($answer->json('workings.choices.title'))->toBe($kept);
    test()->get("/api/drawings/{$drawing->id}/sheets/gridded.svg?at=page")->assertOk();
    test()->get("/api/drawings/{$drawing->id}/sheets/gridded.pdf?at=page")->assertOk();
})->with([
    ['<b>Gate</b> & "Co"', '<b>Gate</b> & "Co"'],
    ['   ', 'Untitled'],
    ['Ворота 門 🌿', 'Ворота 門 🌿'],
    [str_repeat('long ', 60), trim(str_repeat('long ', 24))],
]);

it('cuts tiles once, however many ask for them at the same time', function () {
    $photo = app(App\Imaging\PhotoStore::class)->take(Photos::make(2100, 1100));
    $code = 'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();'
        .'config(["inch.data" => $argv[1]]); $photo = new App\Models\Photo; $photo->sha256 = $argv[2]; $photo->mime = "image/jpeg"; $photo->width = 2100; $photo->height = 1100; $photo->bytes = (int) $argv[3];'
        .'echo strlen(app(App\Imaging\PhotoStore::class)->cut($photo, [0.4, 0.4, 0.2, 0.2], 1600));';
    $asking = array_map(function () use ($code, $photo) {
        $process = new Symfony\Component\Process\Process(['php', '-r', $code, config('inch.data'), $photo->sha256, (string) $photo->bytes], base_path());
        $process->start();

        return $process;
    }, range(1, 4));
    $lengths = array_map(function ($process) {
        $process->wait();

        return $process->getOutput();
    }, $asking);
    $folder = config('inch.data').'/cache/'.substr($photo->sha256, 0, 2)."/{$photo->sha256}";
    expect(array_unique($lengths))->toHaveCount(1)->and((int) $lengths[0])->toBeGreaterThan(1000)
        ->and(glob("{$folder}/tiles/tiles_files/0/*.jpg"))->toHaveCount(6)
        ->and(glob("{$folder}/*.part"))->toBe([]);
});
