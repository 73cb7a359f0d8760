<?php

use App\Devices\Exposure;
use App\Devices\FilledSwatches;
use App\Devices\SimulatedCamera;
use App\Models\OwnPencil;
use App\Printing\PrintOptions;
use App\Printing\Sheets\SwatchSheet;
use App\Shots\SwatchReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use InchLadder\Colour\Reflectance;
use InchLadder\Colour\SwatchesUnreadable;
use InchLadder\Measure\Unit;
use InchLadder\Pixels\Lab;
use Tests\Photos;
use Tests\Shot;

uses(RefreshDatabase::class);

/** Pencils of a made-up box, and what is filled in for them. @return array{list<string>, array<int, array{Reflectance|null, Reflectance|null}>} */
function filledBox(int $seed, int $count): array
{
    mt_srand($seed);
    [$names, $filled] = [[], []];
    for ($i = 0; $i < $count; $i++) {
        $names[] = sprintf('%02d of the box', $i + 1);
        $lab = $i < 6 ? new Lab([22.0, 28.0, 35.0, 44.0, 52.0, 60.0][$i], 0.0, 0.0) : new Lab(mt_rand(25, 88), mt_rand(-45, 55), mt_rand(-45, 65));
        $firm = Reflectance::ofHex(Reflectance::ofLab($lab)->hex());
        $filled[$i] = [$firm, $i % 5 === 4 ? null : Reflectance::ofHex($firm->halved()->hex())];
        OwnPencil::query()->create(['name' => $names[$i], 'kind' => 'coloured pencil']);
    }

    return [$names, $filled];
}

function photographed(array $filled, $drawing, Exposure $exposure, string $paper = 'letter', int $page = 0): string
{
    $printed = (new SwatchSheet)->pages($drawing, PrintOptions::of(['page' => $paper], Unit::Inch))->page($page);

    return Photos::file((new SimulatedCamera(app(App\Imaging\PhotoContours::class)))->photograph(FilledSwatches::picture($printed, $filled), $printed->width, $printed->height, $exposure), '.jpg');
}

/*
 * A photograph by a camera that knows nothing of how it is read: tinted light that falls off to one side and to the corners,
 * grain, some contrast of its own, a lens that bends. The bars are the issue's: darkest L* to 2, colours to CIEDE2000 of 3.
 */
it('reads pencils off a photograph of their swatches', function (int $seed, string $paper, Exposure $exposure, int $count) {
    $drawing = Shot::drawing();
    [$names, $filled] = filledBox($seed, $count);
    $read = app(SwatchReader::class)->read(photographed($filled, $drawing, $exposure, $paper), $drawing->id, $names);
    $worst = [0.0, 0.0];
    foreach ($names as $i => $name) {
        foreach ($filled[$i] as $j => $truth) {
            if ($truth === null) {
                expect($read[$name][$j])->toBeNull("{$name} was left empty");

                continue;
            }
            expect($read[$name][$j])->not->toBeNull("{$name} was filled");
            $worst[0] = max($worst[0], abs($read[$name][$j]->lab()->lightness - $truth->lab()->lightness));
            getenv('SAY') && $read[$name][$j]->lab()->differenceTo($truth->lab()) > 2 && fwrite(STDERR, json_encode([$name, $j, $truth->hex(), $read[$name][$j]->hex(), $read[$name][$j]->lab()->differenceTo($truth->lab())])."\n");
            $worst[1] = max($worst[1], $read[$name][$j]->lab()->differenceTo($truth->lab()));
        }
    }
    getenv('SAY') && fwrite(STDERR, sprintf("\n%d %s: L* %.2f, CIEDE2000 %.2f\n", $seed, $paper, ...$worst));
    expect($worst[0])->toBeLessThanOrEqual(2.0)->and($worst[1])->toBeLessThanOrEqual(3.0);
})->with(few(1, [
    'dim and askew' => [3, 'letter', new Exposure(8, tilt: 24.0, side: 2200, uneven: 0.45, light: 0.7, noise: 6.0, linear: true, quality: 95), 12],
    'warm light' => [1, 'letter', new Exposure(5, side: 2200, uneven: 0.4, tint: [1.0, 0.9, 0.74], linear: true, quality: 95), 24],
    'cold light, a4, upside down' => [2, 'a4', new Exposure(6, side: 2200, uneven: 0.3, light: 0.85, tint: [0.85, 0.93, 1.0], upsideDown: true, linear: true, quality: 95), 40],
]));

it('says what a photograph cannot be read by', function () {
    $drawing = Shot::drawing();
    [$names, $filled] = filledBox(4, 8);
    $shot = photographed($filled, $drawing, new Exposure(9, side: 2000, linear: true, quality: 95));
    $reader = app(SwatchReader::class);
    $refused = function (Closure $read): string {
        try {
            $read();
        } catch (SwatchesUnreadable $e) {
            return $e->reason;
        }

        return 'read';
    };
    expect($refused(fn () => $reader->read($shot, Shot::drawing()->id, $names)))->toBe('another drawing')
        ->and($refused(fn () => $reader->read($shot, $drawing->id, [...$names, 'one more'])))->toBe('other pencils')
        ->and($refused(fn () => $reader->read($shot, $drawing->id, [])))->toBe('no pencils')
        ->and($refused(fn () => $reader->read(database_path('demo/jug-on-the-sill.jpg'), $drawing->id, $names)))->toBe('no page');
    // The greys covered by a sheet of one colour: no wedge.
    $printed = (new SwatchSheet)->pages($drawing, PrintOptions::of(['page' => 'letter'], Unit::Inch))->page(0);
    $covered = FilledSwatches::picture($printed, $filled);
    $strip = new ImagickDraw;
    $strip->setFillColor('#cccccc');
    $strip->rectangle(64, 284, $covered->getImageWidth() - 64, 384);
    $covered->drawImage($strip);
    $path = Photos::file((new SimulatedCamera(app(App\Imaging\PhotoContours::class)))->photograph($covered, $printed->width, $printed->height, new Exposure(10, side: 2000, linear: true, quality: 95)), '.jpg');
    expect($refused(fn () => $reader->read($path, $drawing->id, $names)))->toBe('no wedge');
});
