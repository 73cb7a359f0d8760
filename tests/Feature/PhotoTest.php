<?php

use App\Documents\ChoicesReader;
use App\Imaging\Decoder;
use App\Imaging\PhotoRefused;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use InchLadder\Plan\Plan;
use Symfony\Component\Process\Process;
use Tests\Photos;

function upload(string $path, string $name = 'my_garden-gate.jpg'): TestResponse
{
    return test()->post('/api/drawings', ['photo' => new UploadedFile($path, $name, null, null, true)], ['Accept' => 'application/json']);
}

it('begins a drawing from a photo of every kind, judged by content and not by name', function (string $format) {
    $answer = upload(Photos::make(640, 480, $format), 'my_garden-gate.txt')->assertCreated();
    expect($answer->json('photo.width'))->toBe(640)->and($answer->json('photo.height'))->toBe(480)
        ->and($answer->json('workings.choices.title'))->toBe('My garden gate')
        ->and($answer->json('workings.sheet.width.text'))->toBe('12 in')
        ->and(Drawing::query()->count())->toBe(1);
    $preview = test()->get($answer->json('photo.preview'))->assertOk();
    expect(Photos::quarter(Photos::colourAt((string) file_get_contents($preview->baseResponse->getFile()->getPathname()), 0.25, 0.25)))->toBe(0);
})->with([
    'jpeg',
    'png',
    'webp',
    'heic',
    'avif',
]);

it('turns a photo upright by its EXIF', function (int $orientation, int $wide, int $high, array $quarters) {
    // Exif 2.3: where row 0 and column 0 of the stored picture are seen.
    $photo = app(PhotoStore::class)->take(Photos::make(600, 400, 'jpeg', $orientation));
    expect([$photo->width, $photo->height])->toBe([$wide, $high]);
    foreach ([app(PhotoStore::class)->decode($photo)->getImageBlob(), (string) file_get_contents(app(PhotoStore::class)->preview($photo))] as $jpeg) {
        $seen = array_map(fn (array $at) => Photos::quarter(Photos::colourAt($jpeg, ...$at)), [[0.25, 0.25], [0.75, 0.25], [0.25, 0.75], [0.75, 0.75]]);
        expect($seen)->toBe($quarters);
    }
})->with([
    'as stored' => [1, 600, 400, [0, 1, 2, 3]],
    'mirrored' => [2, 600, 400, [1, 0, 3, 2]],
    'upside down' => [3, 600, 400, [3, 2, 1, 0]],
    'turned a quarter left' => [6, 400, 600, [2, 0, 3, 1]],
    'turned a quarter right' => [8, 400, 600, [1, 3, 0, 2]],
    'mirrored and turned' => [5, 400, 600, [0, 2, 1, 3]],
]);

it('manages colour: a picture in another RGB is brought to sRGB', function () {
    $store = app(PhotoStore::class);
    $photo = $store->take(Photos::make(profiles: ['icc' => Photos::swappedProfile()]));
    [$red, $green] = Photos::colourAt((string) file_get_contents($store->preview($photo)), 0.25, 0.25);
    // The first quarter is stored as a strong red; its profile says that the first channel is green.
    expect($green)->toBeGreaterThan($red + 60);
});

it('keeps the original byte for byte, and takes nothing of the camera into what it derives', function () {
    $path = Photos::make(orientation: 6);
    $photo = app(PhotoStore::class)->take($path);
    $kept = config('inch.data').'/photos/'.substr($photo->sha256, 0, 2).'/'.$photo->sha256;
    expect(hash_file('sha256', $kept))->toBe(hash_file('sha256', $path))
        ->and((string) file_get_contents($path))->toContain('Exif')
        ->and((string) file_get_contents(app(PhotoStore::class)->preview($photo)))->not->toContain('Exif');
});

it('keeps one photo once, however often it is dropped', function () {
    $path = Photos::make();
    expect(upload($path)->json('photo.id'))->toBe(upload($path)->json('photo.id'))
        ->and(Photo::query()->count())->toBe(1)
        ->and(Drawing::query()->count())->toBe(2);
});

it('makes thrown-away pictures anew', function () {
    $photo = app(PhotoStore::class)->take(Photos::make());
    unlink(app(PhotoStore::class)->preview($photo));
    test()->get("/api/photos/{$photo->id}/preview.jpg")->assertOk();
});

it('refuses what is no photo in one sentence, and keeps nothing of it', function (Closure $file, string $says) {
    $before = glob(config('inch.data').'/photos/*/*') ?: [];
    upload($file())->assertUnprocessable()->assertJsonPath('message', fn (string $message) => str_contains($message, $says))->assertJsonPath('errors.photo.0', fn (string $message) => str_contains($message, $says));
    expect(Photo::query()->count())->toBe(0)
        ->and(Drawing::query()->count())->toBe(0)
        ->and(glob(config('inch.data').'/photos/*/*') ?: [])->toBe($before);
})->with([
    'a text' => [fn () => Photos::file('dear diary'), 'not a picture'],
    'a text called a photo' => [fn () => Photos::file(str_repeat('GIF', 400), '.jpg'), 'not a picture'],
    'a GIF' => [fn () => Photos::file("GIF89a\1\0\1\0\0\0\0;", '.gif'), 'not a picture'],
    'an SVG that names a file' => [fn () => Photos::file('<svg xmlns="http://www.w3.org/2000/svg"><image href="/etc/passwd"/></svg>', '.svg'), 'not a picture'],
    'a PostScript' => [fn () => Photos::file("%!PS-Adobe-3.0\nshowpage\n", '.jpg'), 'not a picture'],
    'nothing' => [fn () => Photos::file(''), 'empty (0 bytes)'],
    'a bomb' => [fn () => Photos::claiming(30000, 30000), 'The limit is 120 megapixels'],
    'just over the limit' => [fn () => Photos::claiming(12000, 10001), 'The limit is 120 megapixels'],
    'one pixel' => [fn () => Photos::make(1, 1, 'png'), 'This picture is 1 × 1 pixel'],
    'a thread' => [fn () => Photos::make(20000, 10, 'png'), '20,000 × 10 pixels. It needs at least 64'],
    'a ribbon' => [fn () => Photos::claiming(31000, 100), 'The limit is 30,000 on the longer side'],
    'half a JPEG' => [fn () => Photos::file(substr((string) file_get_contents(Photos::make()), 0, 3000)), 'cut short'],
    'a JPEG without its last bytes' => [fn () => Photos::file(substr((string) file_get_contents(Photos::make()), 0, -40)), 'cut short'],
    'half a PNG' => [fn () => Photos::file(substr((string) file_get_contents(Photos::make(format: 'png')), 0, -30), '.png'), 'cut short'],
    'half a WebP' => [fn () => Photos::file(substr((string) file_get_contents(Photos::make(format: 'webp')), 0, -30), '.webp'), 'cut short'],
    'half a HEIC' => [fn () => Photos::file(substr((string) file_get_contents(Photos::make(format: 'heic')), 0, -300), '.heic'), 'cut short'],
    'a JPEG head alone' => [fn () => Photos::file("\xFF\xD8\xFF\xE0\0\x10JFIF\0\1\1\0\0\1\0\1\0\0"), 'cut short'],
]);

it('takes a photo with something after its end, as phones append', function () {
    upload(Photos::file(file_get_contents(Photos::make()).str_repeat("\0moving picture", 500)))->assertCreated();
});

it('refuses a file over 64 MB before it looks inside', function () {
    $path = Photos::file('');
    $file = fopen($path, 'r+');
    ftruncate($file, 64 * 1024 * 1024 + 1);
    expect(fn () => app(Decoder::class)->inspect($path))->toBeRefused(PhotoRefused::class, 'larger than 64 MB');
});

it('answers an upload the server itself cut off', function (int $error, string $says) {
    $file = new UploadedFile(Photos::file('x'), 'a.jpg', null, $error, true);
    test()->post('/api/drawings', ['photo' => $file], ['Accept' => 'application/json'])->assertUnprocessable()->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
})->with([
    [UPLOAD_ERR_INI_SIZE, 'larger than 64 MB'],
    [UPLOAD_ERR_PARTIAL, 'No photo came'],
]);

it('asks for a photo where none came', fn () => test()->postJson('/api/drawings')->assertUnprocessable()->assertJsonPath('message', fn (string $message) => str_contains($message, 'No photo came')));

it('cuts a piece with every pixel it has, across the seams of its tiles', function () {
    $photo = app(PhotoStore::class)->take(Photos::make(2400, 1600));
    $jpeg = test()->get("/api/photos/{$photo->id}/cut.jpg?left=0.375&top=0.375&width=0.25&height=0.25")->assertOk()->getContent();
    $image = new Imagick;
    $image->readImageBlob($jpeg);
    expect([$image->getImageWidth(), $image->getImageHeight()])->toBe([600, 400]);
    $seen = array_map(fn (array $at) => Photos::quarter(Photos::colourAt($jpeg, ...$at)), [[0.2, 0.2], [0.8, 0.2], [0.2, 0.8], [0.8, 0.8]]);
    expect($seen)->toBe([0, 1, 2, 3]);
    // Just either side of the middle: no seam is off by more than JPEG's own blur of a few pixels.
    expect(Photos::quarter(Photos::colourAt($jpeg, 0.49, 0.2)))->toBe(0)
        ->and(Photos::quarter(Photos::colourAt($jpeg, 0.51, 0.2)))->toBe(1);
});

it('cuts something sensible whatever it is asked', function (string $query) {
    $photo = app(PhotoStore::class)->take(Photos::make());
    test()->get("/api/photos/{$photo->id}/cut.jpg?{$query}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
})->with([
    '',
    'left=2&top=-1&width=9&height=9',
    'left=abc',
    'left=1&top=1&width=0&height=0',
    'width=1&height=1',
]);

it('half-saves nothing when the disk has no room', function () {
    $photo = Photos::noise(800, 600);
    $data = getenv('INCH_DATA').'/full';
    mkdir($data);
    touch("{$data}/inch-ladder.sqlite");
    $run = function (string $command) use ($data): Process {
        $process = Process::fromShellCommandline($command, base_path(), ['INCH_DATA' => $data, 'DB_DATABASE' => "{$data}/inch-ladder.sqlite", 'APP_ENV' => 'production']);
        $process->run();

        return $process;
    };
    expect($run('php artisan migrate --force')->getExitCode())->toBe(0);
    expect(filesize($photo))->toBeGreaterThan(400 * 1024);
    // No file may grow past 400 kB: to the program the same as a disk that fills up while it writes.
    $full = $run("trap '' XFSZ; ulimit -f 400; php artisan inch:new {$photo}");
    expect($full->getExitCode())->toBe(1)
        ->and($full->getOutput())->toBe('')
        ->and($full->getErrorOutput())->toContain('could not be saved')
        ->and(glob("{$data}/photos/*/*"))->toBe([]);
    $roomy = $run("php artisan inch:new {$photo}");
    expect($roomy->getExitCode())->toBe(0)->and(json_decode($roomy->getOutput(), true)['drawing'])->toHaveLength(26);
});

it('cuts the same pixels out of tiles as it frames whole, however the photo is stored and held', function (int $orientation, array $held) {
    $store = app(PhotoStore::class);
    $file = Photos::file((string) file_get_contents(Photos::photographic(1500, 1100, 7)));
    if ($orientation > 1) {
        $tiff = "MM\0*".pack('N', 8).pack('n', 1).pack('nnNnn', 0x0112, 3, 1, $orientation, 0).pack('N', 0);
        $jpeg = (string) file_get_contents($file);
        file_put_contents($file, substr($jpeg, 0, 2)."\xFF\xE1".pack('n', 8 + strlen($tiff))."Exif\0\0".$tiff.substr($jpeg, 2));
    }
    $photo = $store->take($file);
    $framing = Plan::of(ChoicesReader::read(['photo' => ['kind' => 'screen', ...$held]], $photo->width, $photo->height)->choices)->choices->framing;
    $whole = $store->decode($photo, $framing);
    ['width' => $wide, 'height' => $high] = $framing->pixels($photo->width, $photo->height);
    foreach ([[0, 0, 200, 160], [$wide - 300, $high - 200, 300, 200], [intdiv($wide, 2) - 50, intdiv($high, 3), 260, 120]] as [$left, $top, $width, $height]) {
        // Tiles are JPEG again, which blurs grain of colour: compared a quarter as large.
        $pixels = function (Imagick $image): array {
            $image->setImagePage(0, 0, 0, 0);
            [$wide, $high] = [intdiv($image->getImageWidth(), 4), intdiv($image->getImageHeight(), 4)];
            $image->resizeImage($wide, $high, Imagick::FILTER_BOX, 1);

            return $image->exportImagePixels(0, 0, $wide, $high, 'RGB', Imagick::PIXEL_CHAR);
        };
        $cut = $pixels($store->region($photo, $framing, $left, $top, $width, $height));
        $same = $pixels($whole->getImageRegion($width, $height, $left, $top));
        $off = array_map(fn (int $a, int $b): int => abs($a - $b), $cut, $same);
        expect(array_sum($off) / count($off))->toBeLessThan(3.5);
    }
})->with(few(6, [
    [6, ['quarters' => 3, 'mirrored' => true]],
    [8, ['straighten' => -6, 'mirrored' => true, 'border' => ['left' => '4 %', 'top' => '0', 'right' => '2 %', 'bottom' => '7 %']]],
    [3, ['border' => ['left' => '4.3 %', 'top' => '1.7 %', 'right' => '2 %', 'bottom' => '7 %'], 'mirrored' => true]],
    [2, []], [5, []], [7, []],
    ...array_map(fn (int $o) => [$o, []], [1, 3, 4, 6, 8]), [1, ['quarters' => 1]], [1, ['straighten' => 3.5]],
]));

it('names an original that is missing or shortened before anything is made of it, and still opens its drawing', function (Closure $harm, string $says) {
    $drawing = Tests\Drawings::begin(wide: 517, high: 707);
    $path = config('inch.data').'/photos/'.substr($drawing->photo->sha256, 0, 2)."/{$drawing->photo->sha256}";
    $bytes = (string) file_get_contents($path);
    $harm($path);
    $this->getJson("/api/drawings/{$drawing->id}")->assertOk();
    $this->getJson("/api/photos/{$drawing->photo->id}/cut.jpg?left=0&top=0&width=1&height=1")->assertUnprocessable()->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
    $this->getJson("/api/drawings/{$drawing->id}/sheets/gridded.pdf")->assertUnprocessable()->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
    // What needs no picture is made all the same.
    $this->get("/api/drawings/{$drawing->id}/sheets/strips.pdf")->assertOk();
    $zip = new ZipArchive;
    expect($zip->open($this->get("/api/drawings/{$drawing->id}/drawing.zip")->assertOk()->baseResponse->getFile()->getPathname()))->toBeTrue()
        ->and(json_decode((string) $zip->getFromName('drawing.json'), true)['photo']['reduced'])->toBeTrue();
    // The same photo again mends it.
    $again = Photos::file($bytes);
    app(PhotoStore::class)->take($again);
    expect(hash_file('sha256', $path))->toBe($drawing->photo->sha256);
})->with([
    'missing' => [fn (string $path) => unlink($path), 'is missing'],
    'shortened' => [fn (string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, 900)), 'shortened or changed'],
    'another of its length' => [fn (string $path) => file_put_contents($path, str_repeat('x', (int) filesize($path))), 'shortened or changed'],
]);

it('has the right sentence for a photo that is not what it says', function (Closure $bytes, string $says) {
    $path = Photos::file($bytes((string) file_get_contents(Photos::photographic(1200, 900, 3))));
    $this->postJson('/api/drawings', ['photo' => new UploadedFile($path, 'photo.jpg', 'image/jpeg', null, true)])->assertUnprocessable()->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
    expect(Photo::query()->count())->toBe(0);
})->with([
    'cut short, an end glued on' => [fn (string $jpeg) => substr($jpeg, 0, intdiv(strlen($jpeg), 2))."\xFF\xD9", 'cut short'],
    'only just cut short' => [fn (string $jpeg) => substr($jpeg, 0, strlen($jpeg) - 900)."\xFF\xD9", 'cut short'],
    'a few bytes that claim 81 megapixels' => [fn (string $jpeg) => (string) preg_replace('/(\xFF\xC0..\x08)..../s', '$1'.pack('nn', 9000, 9000), substr($jpeg, 0, 7000)."\xFF\xD9", 1), 'cut short'],
]);

it('takes a photo whose colour profile is none, and says so', function () {
    $jpeg = (string) file_get_contents(Photos::make());
    $profile = "ICC_PROFILE\0\x01\x01".str_repeat('no profile', 60);
    $path = Photos::file(substr($jpeg, 0, 2)."\xFF\xE2".pack('n', strlen($profile) + 2).$profile.substr($jpeg, 2));
    $answer = $this->postJson('/api/drawings', ['photo' => new UploadedFile($path, 'photo.jpg', 'image/jpeg', null, true)])->assertCreated();
    expect($answer->json('photo.remark'))->toContain('colour profile cannot be read');
    expect(Photos::quarter(Photos::colourAt($this->get("/api/photos/{$answer->json('photo.id')}/cut.jpg?left=0&top=0&width=1&height=1")->assertOk()->content(), 0.25, 0.25)))->toBe(0);
});

it('makes a very large PNG smaller strip by strip, with the colours a small one has', function (Closure $dress) {
    $image = new Imagick;
    $image->newImage(660, 640, 'white');
    foreach ([['#c03020', 0, 0], ['#30a050', 330, 0], ['#2040b0', 330, 320]] as [$colour, $x, $y]) {
        $part = new Imagick;
        $part->newImage(330, 320, $colour);
        $image->compositeImage($part, Imagick::COMPOSITE_COPY, $x, $y);
    }
    $image->setImageFormat('png');
    $dress($image);
    $small = sys_get_temp_dir().'/'.bin2hex(random_bytes(6)).'.png';
    $image->writeImage($small);
    $large = "{$small}.large.png";
    (new Process(['vips', 'zoom', $small, "{$large}[compression=1]", '10', '10'], timeout: 120))->mustRun();
    $decoder = app(Decoder::class);
    [$one, $other] = [$decoder->decodeSmall($small, App\Imaging\ImageFormat::Png, 1600), $decoder->decodeSmall($large, App\Imaging\ImageFormat::Png, 1600)];
    expect(max($other->getImageWidth(), $other->getImageHeight()))->toBeLessThanOrEqual(1600 * 1.5)->toBeGreaterThan(800);
    foreach ([[0.25, 0.25], [0.75, 0.25], [0.75, 0.75], [0.25, 0.75]] as [$x, $y]) {
        $at = fn (Imagick $of) => array_values(array_slice($of->getImagePixelColor((int) ($x * $of->getImageWidth()), (int) ($y * $of->getImageHeight()))->getColor(), 0, 3));
        expect($at($other))->toEqualWithDelta($at($one), 2);
    }
    // Cut short, it is refused as a small one is.
    file_put_contents($large, substr((string) file_get_contents($large), 0, (int) (filesize($large) * 0.6)));
    expect(fn () => $decoder->decodeSmall($large, App\Imaging\ImageFormat::Png, 1600))->toThrow(PhotoRefused::class);
    array_map(unlink(...), [$small, $large]);
})->group('long')->with([
    'plain' => [fn (Imagick $image) => null],
    'seen through' => [function (Imagick $image): void {
        $image->setImageAlphaChannel(Imagick::ALPHACHANNEL_SET);
        $image->evaluateImage(Imagick::EVALUATE_MULTIPLY, 0.5, Imagick::CHANNEL_ALPHA);
    }],
    'in greys' => [fn (Imagick $image) => $image->transformImageColorspace(Imagick::COLORSPACE_GRAY)],
    'of 16 bits' => [fn (Imagick $image) => $image->setImageDepth(16)],
    'in another profile' => [fn (Imagick $image) => $image->profileImage('icc', Photos::swappedProfile())],
]);

it('reads a photo ahead on a machine that waits for such work, and not while it is brought over', function () {
    $made = fn (): array => glob(getenv('INCH_DATA').'/cache/*/*/contours-?');
    $before = $made();
    upload(Photos::make(501, 400))->assertCreated();
    expect(DB::table('jobs')->count())->toBe(0)->and($made())->toBe($before);
    config(['queue.default' => 'database']);
    upload(Photos::make(502, 400))->assertCreated();
    expect(DB::table('jobs')->count())->toBe(1)->and($made())->toBe($before);
    Artisan::call('queue:work --stop-when-empty --quiet');
    expect(DB::table('jobs')->count())->toBe(0)->and(DB::table('failed_jobs')->count())->toBe(0)->and(count($made()))->toBe(count($before) + 1);
});

/**
 * A picture laid on white, as a scanner gives it: no code here is the product's.
 *
 * @param  array{float, float, float, float}  $sides  top, right, bottom, left, as shares of the whole
 */
function scanned(array $sides, float $degrees = 0, float $white = 0.97, float $noise = 0, int $wide = 800, int $high = 1000): string
{
    [$top, $right, $bottom, $left] = $sides;
    $paper = new Imagick;
    $paper->newImage($wide, $high, new ImagickPixel(sprintf('gray(%d)', round(255 * $white))));
    $picture = new Imagick(Photos::photographic((int) round($wide * (1 - $left - $right)), (int) round($high * (1 - $top - $bottom)), 5));
    // No white of its own.
    $picture->levelImage(0, 1.0, 1.3 * Imagick::getQuantum());
    if ($degrees !== 0.0) {
        $picture->setImageBackgroundColor('transparent');
        $picture->rotateImage('transparent', $degrees);
    }
    $paper->compositeImage($picture, Imagick::COMPOSITE_OVER, (int) round($left * $wide), (int) round($top * $high));
    if ($noise > 0) {
        $paper->addNoiseImage(Imagick::NOISE_GAUSSIAN, Imagick::CHANNEL_DEFAULT);
    }
    $paper->setImageFormat('jpeg');
    $paper->setImageCompressionQuality(90);

    return Photos::file($paper->getImageBlob());
}

it('finds the white border of a scan, and offers to leave it off', function (array $sides, array $more) {
    $answer = upload(scanned($sides, ...$more))->assertCreated();
    $inside = $answer->json('photo.inside_white');
    expect($inside)->not->toBeNull();
    [$top, $right, $bottom, $left] = $sides;
    // To a hundredth of a side or so, and never with a hair of white. Turned by 0.2°, a side is 0.0035 farther out at one end.
    $out = isset($more['degrees']) ? 0.004 : 1e-9;
    expect($inside['left'])->toBeGreaterThanOrEqual($left - $out)->toBeLessThan($left + 0.015)
        ->and($inside['top'])->toBeGreaterThanOrEqual($top - $out)->toBeLessThan($top + 0.015)
        ->and($inside['left'] + $inside['width'])->toBeLessThanOrEqual(1 - $right + $out)->toBeGreaterThan(1 - $right - 0.015)
        ->and($inside['top'] + $inside['height'])->toBeLessThanOrEqual(1 - $bottom + $out)->toBeGreaterThan(1 - $bottom - 0.015);
    $choices = test()->postJson('/api/adjust', ['choices' => $answer->json('workings.choices'), 'wide' => 800, 'high' => 1000, 'act' => 'border', 'how' => $inside])->assertOk()->json('choices');
    expect((float) $choices['photo']['border']['left'])->toEqualWithDelta(100 * $inside['left'], 0.01);
})->with([
    'on all sides' => [[0.05, 0.05, 0.05, 0.05], []],
    'an instant print' => [[0.06, 0.06, 0.2, 0.06], []],
    'laid in the corner of the glass' => [[0.0, 0.12, 0.2, 0.0], []],
    'narrow' => [[0.02, 0.02, 0.02, 0.02], []],
    'grey white' => [[0.08, 0.04, 0.08, 0.04], ['white' => 0.91]],
    'noisy' => [[0.08, 0.04, 0.08, 0.04], ['noise' => 1]],
    'a little crooked' => [[0.06, 0.06, 0.06, 0.06], ['degrees' => 0.2]],
]);

it('takes nothing for a border that is the picture’s own white', function (Closure $photo) {
    expect(upload($photo())->assertCreated()->json('photo.inside_white'))->toBeNull();
})->with([
    'no border' => [fn () => Photos::photographic(800, 600, 4)],
    'one white side' => [fn () => scanned([0.2, 0.0, 0.0, 0.0])],
    'white throughout' => [function () {
        $white = new Imagick;
        $white->newImage(600, 400, 'white');
        $white->setImageFormat('jpeg');

        return Photos::file($white->getImageBlob());
    }],
    'a round thing on white' => [function () {
        $white = new Imagick;
        $white->newImage(600, 800, 'white');
        $pot = new ImagickDraw;
        $pot->setFillColor('#704030');
        $pot->ellipse(300, 420, 230, 330, 0, 360);
        $white->drawImage($pot);
        $white->setImageFormat('jpeg');

        return Photos::file($white->getImageBlob());
    }],
    'snow under a pale sky, with a hut' => [function () {
        $snow = new Imagick;
        $snow->newImage(900, 600, '#f7f8fa');
        $hut = new ImagickDraw;
        $hut->setFillColor('#5a3a2a');
        $hut->polygon([['x' => 300, 'y' => 420], ['x' => 300, 'y' => 280], ['x' => 400, 'y' => 200], ['x' => 500, 'y' => 280], ['x' => 500, 'y' => 420]]);
        $snow->drawImage($hut);
        $snow->setImageFormat('jpeg');

        return Photos::file($snow->getImageBlob());
    }],
]);
