<?php

use App\Documents\ChoicesReader;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use App\Printing\Fill;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use InchLadder\Pixels\Lab;
use InchLadder\Tone\Bar;
use InchLadder\Tone\Greys;
use Tests\Drawings;
use Tests\Photos;
use Tests\Sheets;
use Tests\Shot;

/**
 * A photo of upright bands: half of it white, a quarter middle grey, a quarter black.
 *
 * @param  array<string, mixed>  $choices
 */
function banded(array $choices = []): Drawing
{
    $image = new Imagick;
    $image->newImage(800, 600, 'white');
    $draw = new ImagickDraw;
    foreach ([400 => '#777777', 600 => '#000000'] as $left => $grey) {
        $draw->setFillColor($grey);
        $draw->rectangle($left, 0, $left + 199, 599);
    }
    $image->drawImage($draw);
    $image->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));

    return Drawing::begin($photo, ChoicesReader::read(array_replace_recursive(['tone' => ['steps' => 3, 'drop' => 0], 'paper' => ['width' => '8 in', 'height' => '6 in', 'sheet' => null, 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '0')]], $choices), 800, 600)->json);
}

function tonesOf(Drawing $drawing): TestResponse
{
    return test()->getJson("/api/drawings/{$drawing->id}/tones");
}

function probed(Drawing $drawing, float $x, float $y = 0.5): TestResponse
{
    return test()->getJson("/api/drawings/{$drawing->id}/tones/at?x={$x}&y={$y}");
}

it('compares a place with another', function (float $from, float $to, string $says) {
    expect(test()->getJson('/api/drawings/'.banded()->id."/tones/at?x={$to}&y=0.5&from_x={$from}&from_y=0.5")->assertOk()->json('compared'))->toBe($says);
})->with([
    // L* of white, #777777 and black: 100, 50.03 and 0 (IEC 61966-2-1, CIE 15).
    'darker' => [0.2, 0.6, 'Darker than the place before by 50 of 100: a step.'],
    'much lighter' => [0.9, 0.2, 'Lighter than the place before by 100 of 100: 2 steps.'],
    'the same' => [0.1, 0.3, 'As dark as the place before.'],
]);

it('gives one spot one tone: probed, in the picture of few tones, and in a cut of it', function (string $left, string $right) {
    $image = new Imagick;
    $image->newImage(800, 600, $left);
    $draw = new ImagickDraw;
    $draw->setFillColor($right);
    $draw->rectangle(400, 0, 799, 599);
    $image->drawImage($draw);
    $image->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));
    $drawing = Drawing::begin($photo, ChoicesReader::read(['photo' => ['kind' => 'screen'], 'tone' => ['steps' => 4, 'drop' => 0]], 800, 600)->json);
    $bar = array_column(tonesOf($drawing)->json('bar'), 'grey', 'number');
    $query = test()->getJson("/api/drawings/{$drawing->id}/copying")->json('tones');
    foreach ([[0.2, 0.1], [0.8, 0.6]] as [$x, $start]) {
        $step = probed($drawing, $x)->json('step');
        foreach ([[tonesOf($drawing)->json('few'), $x], ["/api/photos/{$photo->id}/cut.jpg?left={$start}&top=0.3&width=0.3&height=0.3&{$query}", 0.5]] as [$address, $at]) {
            $picture = new Imagick;
            $answer = test()->get($address)->assertOk();
            $picture->readImageBlob($answer->baseResponse instanceof Symfony\Component\HttpFoundation\BinaryFileResponse ? $answer->streamedContent() : (string) $answer->getContent());
            $grey = $picture->getImagePixelColor((int) ($at * $picture->getImageWidth()), intdiv($picture->getImageHeight(), 2))->getColor()['r'];
            expect($grey)->toEqualWithDelta(hexdec(substr($bar[$step], 1, 2)), 3);
        }
    }
})->with([['#c03020', '#2040c0'], ['#20a040', '#d0c020'], ['#ff00ff', '#00a000'], ['#101010', '#0000ff'], ['#777777', '#f0e000']]);

/** @return list<int> every grey that a picture has, the lightest first */
function greysIn(string $address): array
{
    $picture = new Imagick;
    $picture->readImageBlob(test()->get($address)->assertOk()->assertHeader('Content-Type', 'image/png')->streamedContent());
    $pixels = $picture->exportImagePixels(0, 0, $picture->getImageWidth(), $picture->getImageHeight(), 'I', Imagick::PIXEL_CHAR);
    $counts = array_count_values($pixels);
    krsort($counts);

    return array_keys($counts);
}

it('tells how much of the picture each step takes, and shows it in the bar’s own greys', function () {
    $tones = tonesOf(banded())->assertOk();
    expect(array_column($tones->json('bar'), 'share'))->toBe(['50 %', '25 %', '25 %'])
        ->and(array_column($tones->json('bar'), 'number'))->toBe([1, 2, 3])
        ->and(array_column($tones->json('bar'), 'paper'))->toBe([true, false, false])
        ->and($tones->json('sums'))->toContain('3 boxes, numbered 1 to 3, 1 the lightest. Step 1 is the bare paper.', 'Most of it is step 1: 50 %.');
    $bar = array_map(fn (string $hex): int => hexdec(substr($hex, 1, 2)), array_column($tones->json('bar'), 'grey'));
    expect(greysIn($tones->json('few')))->toBe($bar)->and(greysIn($tones->json('two')))->toHaveCount(2);
});

it('tells the shares and the tone of a place as they are shown, however small areas go into a neighbour', function (int $drop, array $choices) {
    // Blades of four greys and speckles, as grass has them, beside a plain dark wall.
    mt_srand(11);
    $pixels = [];
    for ($y = 0; $y < 400; $y++) {
        for ($x = 0; $x < 600; $x++) {
            $pixels[] = $x > 450 ? 40 : max(0, min(255, 150 + 60 * sin($x / 3.1 + sin($y / 9)) + mt_rand(-45, 45)));
        }
    }
    $image = new Imagick;
    $image->newImage(600, 400, 'white');
    $image->importImagePixels(0, 0, 600, 400, 'I', Imagick::PIXEL_CHAR, array_map(intval(...), $pixels));
    $image->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));
    $drawing = Drawing::begin($photo, ChoicesReader::read(array_replace_recursive(['photo' => ['kind' => 'screen'], 'tone' => ['steps' => 5, 'drop' => $drop]], $choices), 600, 400)->json);
    $tones = tonesOf($drawing)->assertOk();
    $shown = new Imagick;
    $shown->readImageBlob(test()->get($tones->json('few'))->assertOk()->streamedContent());
    [$wide, $high] = [$shown->getImageWidth(), $shown->getImageHeight()];
    $crop = $drawing->plan()->layout->fitted->crop;
    [$left, $top, $right, $bottom] = array_map(fn ($share, int $side): int => (int) round($share->toFloat() * $side), [$crop->left, $crop->top, $crop->right(), $crop->bottom()], [$wide, $high, $wide, $high]);
    $counts = array_count_values($shown->exportImagePixels($left, $top, $right - $left, $bottom - $top, 'I', Imagick::PIXEL_CHAR));
    $told = [];
    foreach ($tones->json('bar') as $box) {
        $share = ($counts[hexdec(substr($box['grey'], 1, 2))] ?? 0) / (($right - $left) * ($bottom - $top));
        expect($box['share'])->toBe($share > 0 && $share < 0.005 ? 'under 1 %' : round(100 * $share).' %', "step {$box['number']}");
        $told[$box['number']] = hexdec(substr($box['grey'], 1, 2));
    }
    for ($i = 0; $drop > 0 && $i < 12; $i++) {
        [$x, $y] = [mt_rand(2, 98) / 100, mt_rand(2, 98) / 100];
        $at = [(int) floor(($crop->left->toFloat() + $x * $crop->width->toFloat()) * $wide), (int) floor(($crop->top->toFloat() + $y * $crop->height->toFloat()) * $high)];
        expect($told[probed($drawing, $x, $y)->json('step')])->toBe($shown->exportImagePixels($at[0], $at[1], 1, 1, 'I', Imagick::PIXEL_CHAR)[0], "{$x} {$y}");
    }
})->with(['all kept' => 0, 'small ones out' => 2, 'grass in one' => 4])->with(['as it is' => [[]], 'cropped and mirrored' => [['photo' => ['mirrored' => true], 'fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0.1', 'top' => '0.2', 'width' => '0.7', 'height' => '0.55']]]]);

it('counts from 0 where it is told so, in every sentence and on the printed bar', function () {
    $drawing = banded(['tone' => ['first' => 0]]);
    $tones = tonesOf($drawing)->assertOk();
    expect(array_column($tones->json('bar'), 'number'))->toBe([0, 1, 2])->and(array_column($tones->json('bar'), 'share'))->toBe(['50 %', '25 %', '25 %'])
        ->and($tones->json('sums'))->toContain('3 boxes, numbered 0 to 2, 0 the lightest. Step 0 is the bare paper.', 'Most of it is step 0: 50 %.')
        ->and(array_column($tones->json('spots'), 'step'))->toContain(0, 2)->and(probed($drawing, 0.6)->json('step'))->toBe(1)
        ->and(probed($drawing, 0.6)->json('words'))->toStartWith('Step 1, in')
        ->and((string) test()->get("/api/drawings/{$drawing->id}/sheets/tones.svg")->assertOk()->streamedContent())->toContain('0 the lightest');
    expect(ChoicesReader::read(['photo' => ['kind' => 'screen'], 'tone' => ['first' => 2]], 800, 600)->json->tone->first)->toBe(1);
});

it('counts the crop alone, as the photo is held', function (array $choices, array $shares, string $lightest) {
    $tones = tonesOf(banded($choices));
    expect(array_column($tones->json('bar'), 'share'))->toBe($shares)->and($tones->json('spots.0.words'))->toContain($lightest);
})->with([
    'all of it' => [[], ['50 %', '25 %', '25 %'], 'The lightest: step 1, in'],
    // A square of the right: 600 of 800 pixels, a third of them white.
    'the right of it' => [['paper' => ['width' => '6 in'], 'fit' => ['left' => '1/4']], ['33 %', '33 %', '33 %'], 'in A1'],
    // Here grey is the darkest there is: the steps are shares of this crop's own range.
    'the left of it' => [['paper' => ['width' => '6 in'], 'fit' => ['left' => '0']], ['67 %', '0 %', '33 %'], 'in A1'],
    'mirrored' => [['photo' => ['mirrored' => true]], ['50 %', '25 %', '25 %'], 'in D1'],
]);

it('probes one place, its neighbours hidden', function () {
    $drawing = banded(['grid' => ['columns' => 4]]);
    foreach ([[0.2, '#ffffff', 1, 'A'], [0.62, '#777777', 2, 'C'], [0.9, '#000000', 3, 'D']] as [$x, $colour, $step, $column]) {
        $probed = probed($drawing, $x)->assertOk();
        expect([$probed->json('colour'), $probed->json('step')])->toBe([$colour, $step])->and($probed->json('words'))->toStartWith("Step {$step}, in {$column}");
    }
    // Beyond the crop is its edge.
    expect(probed($drawing, 7, -3)->assertOk()->json('step'))->toBe(3);
});

it('has a bar, and nothing to probe, where there are only sizes', function () {
    $drawing = Drawing::query()->findOrFail(test()->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id'));
    expect(tonesOf($drawing)->assertOk()->json('bar'))->toHaveCount(5)->and(tonesOf($drawing)->json('few'))->toBeNull()->and(tonesOf($drawing)->json('spots'))->toBe([]);
    probed($drawing, 0.5)->assertNotFound();
});

it('begins the bar with the paper that was chosen', function (string $colour, bool $counts, string $end, string $says) {
    $tones = tonesOf(banded(['paper' => ['colour' => $colour], 'tone' => ['paper' => $counts]]));
    expect($tones->json('sums.0'))->toContain($says)->and($tones->json($end === 'first' ? 'bar.0.paper' : 'bar.2.paper'))->toBe($counts);
    $sheet = test()->getJson('/api/drawings/'.$tones->baseRequest->route('drawing')->id)->json('workings.paper_colour');
    expect($sheet === null)->toBe($colour === 'white');
})->with([
    ['white', true, 'first', 'Step 1 is the bare paper'],
    ['tan', true, 'first', 'Step 1 is the bare paper'],
    ['black', true, 'last', 'Step 3 is the bare paper'],
    ['grey', false, 'first', 'The bare paper is not counted'],
]);

it('refuses what cannot be counted, in one sentence', function (mixed $steps) {
    test()->postJson('/api/workings', ['choices' => ['tone' => ['steps' => $steps]], 'wide' => 500, 'high' => 700])
        ->assertUnprocessable()->assertJsonPath('errors', ['tone.steps' => test()->postJson('/api/workings', ['choices' => ['tone' => ['steps' => $steps]], 'wide' => 500, 'high' => 700])->json('errors')['tone.steps']])
        ->assertJsonValidationErrors(['tone.steps' => 'Choose 2 to 10']);
})->with([1, 11, 0, -2, 'many', null]);

it('refuses the address of a picture that nobody made', function (string $query) {
    $photo = banded()->photo;
    expect(test()->getJson("/api/photos/{$photo->id}/tones.png?{$query}")->status())->toBe(422);
})->with(['', 'greys=12', 'greys=1-2-3-4-5-6-7-8-9-10-11&light=90']);

it('prints the bar true to its count: a printed and an empty box for each number', function (int $steps, bool $counts) {
    $drawing = banded(['tone' => ['steps' => $steps, 'paper' => $counts]]);
    $page = Sheets::leaves($drawing, 'tones')->page(0);
    $fills = array_values(array_filter($page->marks, fn ($mark) => $mark instanceof Fill));
    expect($fills)->toHaveCount($steps)->and(Sheets::words($page))->toContain(" {$steps} ")->not->toContain(' '.($steps + 1).' ');
    expect(substr_count(Sheets::words($page), 'paper'))->toBe($counts ? 1 : 0);
    // Each is as wide as the next, they touch, and each is darker than the one before.
    foreach (array_slice($fills, 1) as $i => $fill) {
        expect($fill->place->x)->toEqualWithDelta($fills[$i]->place->right(), 1e-6)->and($fill->place->width)->toEqualWithDelta($fills[0]->place->width, 1e-6)
            ->and(Lab::fromSrgb(...array_map(hexdec(...), str_split(substr($fill->colour, 1), 2)))->lightness)->toBeLessThan(Lab::fromSrgb(...array_map(hexdec(...), str_split(substr($fills[$i]->colour, 1), 2)))->lightness);
    }
})->with([2, 5, 10])->with([true, false]);

it('leaves out small areas, and keeps large ones', function (int $drop, bool $speck) {
    $image = new Imagick;
    $image->newImage(800, 600, 'white');
    $draw = new ImagickDraw;
    $draw->setFillColor('black');
    $draw->rectangle(500, 100, 760, 500);
    $draw->circle(200, 300, 204, 300);
    $image->drawImage($draw);
    $image->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));
    $drawing = Drawing::begin($photo, ChoicesReader::read(['tone' => ['steps' => 3, 'drop' => $drop]], 800, 600)->json);
    $jpeg = test()->get(tonesOf($drawing)->json('few'))->assertOk()->streamedContent();
    expect(Photos::colourAt($jpeg, 200 / 800, 0.5)[0] < 150)->toBe($speck)->and(Photos::colourAt($jpeg, 630 / 800, 0.5)[0])->toBeLessThan(100);
})->with([[0, true], [1, true], [4, false]]);

it('makes each picture of tones once, and anew when the cache was thrown away', function () {
    $address = tonesOf(banded())->json('few');
    $file = fn (): array => glob(config('inch.data').'/cache/*/*/few-*.png') ?: [];
    array_map(unlink(...), $file());
    $first = test()->get($address)->assertOk()->streamedContent();
    $made = $file();
    expect($made)->toHaveCount(1);
    touch($made[0], 1_000_000_000);
    test()->get($address)->assertOk();
    clearstatcache();
    expect(filemtime($made[0]))->toBe(1_000_000_000);
    unlink($made[0]);
    expect(test()->get($address)->assertOk()->streamedContent())->toBe($first);
});

it('shows the steps of a turned and bordered photo as it is held', function () {
    // Upright, the bands lie across: white above, black below.
    $tones = tonesOf(banded(['photo' => ['quarters' => 1], 'paper' => ['width' => '6 in', 'height' => '8 in']]));
    $jpeg = test()->get($tones->json('few'))->streamedContent();
    [$above, $below] = [Photos::colourAt($jpeg, 0.5, 0.1)[0], Photos::colourAt($jpeg, 0.5, 0.95)[0]];
    expect($above)->toBeGreaterThan(240)->and($below)->toBeLessThan(80)
        ->and(array_column($tones->json('bar'), 'share'))->toBe(['50 %', '25 %', '25 %']);
});

it('takes small areas into a neighbour, and makes no tone of them that was not there', function (int $drop) {
    // A soft edge from white to black, a light speck in the dark and a dark one in the light, a broad middle grey beside them.
    $image = new Imagick;
    $image->newImage(1200, 800, 'white');
    $draw = new ImagickDraw;
    foreach ([['#000000', 400, 0, 800, 800], ['#777777', 800, 0, 1200, 800], ['#ffffff', 600, 400, 603, 403], ['#000000', 200, 400, 203, 403]] as [$colour, $left, $top, $right, $bottom]) {
        $draw->setFillColor($colour);
        $draw->rectangle($left, $top, $right, $bottom);
    }
    $image->drawImage($draw);
    $image->blurImage(0, 2.0);
    $image->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));
    $drawing = Drawing::begin($photo, ChoicesReader::read(['photo' => ['kind' => 'screen'], 'tone' => ['steps' => 5, 'drop' => $drop]], 1200, 800)->json);
    $tones = tonesOf($drawing)->assertOk();
    $bar = array_map(static fn (string $hex): int => hexdec(substr($hex, 1, 2)), array_column($tones->json('bar'), 'grey'));
    // White, black and the grey, with nothing between white and black.
    $greys = greysIn($tones->json('few'));
    expect(array_diff($greys, $bar))->toBe([])->and(count($greys))->toBe($drop === 0 ? 5 : 3);
    // A cell is cut from the same picture.
    $cut = new Imagick;
    $cut->readImageBlob((string) test()->get("/api/photos/{$photo->id}/cut.jpg?left=0.25&top=0.25&width=0.25&height=0.25&".test()->getJson("/api/drawings/{$drawing->id}/copying")->json('tones'))->assertOk()->getContent());
    $seen = static fn (float $x): int => (int) round($cut->getImagePixelColor((int) ($x * $cut->getImageWidth()), intdiv($cut->getImageHeight(), 2))->getColor()['r']);
    expect($seen(0.1))->toEqualWithDelta($bar[0], 4)->and($seen(0.9))->toEqualWithDelta($bar[4], 4);
})->with([0, 1, 2, 3, 4]);

it('tells the tones of the drawing beside those of the photo, whatever light it was photographed in', function (array $tint, float $slope, string $says) {
    // A photo of five equal bands; the drawing has three of them, on a sheet with a margin.
    $photo = new Imagick;
    $photo->newImage(1000, 500, 'white');
    $draw = new ImagickDraw;
    $bar = Bar::of(5, true, 100.0);
    foreach ($bar->boxes as $i => $box) {
        $draw->setFillColor(Greys::hex($box->lightness));
        $draw->rectangle(200 * $i, 0, 200 * $i + 199, 499);
    }
    $photo->drawImage($draw);
    $photo->setImageFormat('png');
    $id = test()->post('/api/drawings', ['photo' => new UploadedFile(Photos::file($photo->getImageBlob(), '.png'), 'bands.png', null, null, true)])->assertCreated()->json('id');
    $drawing = Drawing::query()->findOrFail($id);
    Drawings::rechoose($drawing, ['paper' => ['sheet' => null, 'width' => '12 in', 'height' => '7 in', 'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], '1 in')], 'fit' => ['way' => 'inset'], 'tone' => ['steps' => 5]]);
    // Drawn: bands 1, 2 and 3 over a third each, in a light that falls off to one side, and tinted.
    $sheet = new Imagick;
    $sheet->newImage(1200, 700, 'white');
    $draw = new ImagickDraw;
    foreach ([0, 1, 2] as $i) {
        $draw->setFillColor(Greys::hex($bar->boxes[$i]->lightness));
        $draw->rectangle(100 + 333.3 * $i, 100, 100 + 333.3 * ($i + 1), 599);
    }
    $sheet->drawImage($draw);
    $pixels = $sheet->exportImagePixels(0, 0, 1200, 700, 'RGB', Imagick::PIXEL_CHAR);
    $lit = [];
    $to = static fn (int $byte): float => $byte / 255 <= 0.04045 ? $byte / 255 / 12.92 : (($byte / 255 + 0.055) / 1.055) ** 2.4;
    $back = static fn (float $light): int => (int) round(255 * ($light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055));
    $linear = array_map($to, range(0, 255));
    foreach ($pixels as $i => $byte) {
        $lit[] = $back($linear[$byte] * $tint[$i % 3] * (1 - $slope * (intdiv($i, 3) % 1200) / 1200));
    }
    $sheet->importImagePixels(0, 0, 1200, 700, 'RGB', Imagick::PIXEL_CHAR, $lit);
    $sheet->setImageFormat('jpeg');
    $sheet->setImageCompressionQuality(95);
    expect(tonesOf($drawing)->json('bar.0.drawn'))->toBeNull();
    Shot::keep($drawing, Photos::file($sheet->getImageBlob()), ['corners' => '0 0, 1 0, 1 1, 0 1']);
    $tones = tonesOf(Drawing::query()->findOrFail($id))->assertOk();
    // Between two bands a row of samples is neither.
    expect(array_map(static fn (string $share): float => round((float) $share / 5) * 5, array_column($tones->json('bar'), 'drawn')))->toBe([35.0, 35.0, 35.0, 0.0, 0.0])
        ->and(implode(' ', $tones->json('sums')))->toContain('Everything came out paler: by 1 of a step')->toContain($says);
})->with([
    'even' => [[0.9, 0.9, 0.9], 0.0, 'Steps 4 and 5 of the photo are missing'],
    'falling off by half, by a lamp' => [[0.95, 0.8, 0.55], 0.5, 'Steps 4 and 5 of the photo are missing'],
]);

it('keeps where the light comes from with the picture, however it is held', function (array $held, string $from) {
    $drawing = banded();
    Drawings::rechoose($drawing, ['photo' => ['light' => ['x1' => '0.1', 'y1' => '0.1', 'x2' => '0.6', 'y2' => '0.4']]]);
    $says = static fn (): ?string => test()->getJson("/api/drawings/{$drawing->id}")->json('workings.light.says');
    expect($says())->toBe('The light comes from the upper left.');
    Drawings::rechoose(Drawing::query()->findOrFail($drawing->id), ['photo' => $held]);
    expect($says())->toBe("The light comes from {$from}.");
    Drawings::step(Drawing::query()->findOrFail($drawing->id), 'undo');
    Drawings::step(Drawing::query()->findOrFail($drawing->id), 'undo');
    expect($says())->toBeNull();
})->with([
    'turned' => [['quarters' => 1], 'the upper right'],
    'upside down' => [['quarters' => 2], 'the lower right'],
    'mirrored' => [['mirrored' => true], 'the upper right'],
    'both' => [['quarters' => 3, 'mirrored' => true], 'the lower right'],
]);

it('says which comes first, line or tone, as the medium wants it or as was chosen; and the card of the pass goes by it', function (string $medium, ?string $chosen, string $order, bool $along) {
    $drawing = banded(['finish' => ['medium' => $medium], 'tone' => ['order' => $chosen], 'copy' => ['working' => 'passes', 'pass' => 'refine']]);
    expect(tonesOf($drawing)->assertOk()->json('order'))->toBe($order)
        ->and(str_contains(test()->getJson("/api/drawings/{$drawing->id}/copying")->assertOk()->json('passes.1.what'), 'Shadow shapes go in'))->toBe($along);
})->with([['graphite', null, 'tone', true], ['ink', null, 'line', false], ['pastel', null, 'line', false], ['paint', 'tone', 'tone', true], ['graphite', 'line', 'line', false]]);

it('reads how the strokes of a cell run, follows the picture as it is held, and takes the hand’s word', function (array $held, float $degrees, float $drawn) {
    // Stripes that fall to the right at 30 degrees on the left half, nothing on the right.
    $image = new Imagick;
    $image->newImage(800, 800, '#808080');
    $draw = new ImagickDraw;
    $draw->setStrokeColor('#404040');
    $draw->setStrokeWidth(8);
    for ($off = -800; $off < 1600; $off += 20) {
        $draw->line(-50, $off - 50 * tan(deg2rad(30)), 400, $off + 400 * tan(deg2rad(30)));
    }
    $image->drawImage($draw);
    $draw = new ImagickDraw;
    $draw->setFillColor('#808080');
    $draw->rectangle(400, 0, 800, 800);
    $image->drawImage($draw);
    $image->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));
    $drawing = Drawing::begin($photo, ChoicesReader::read(['photo' => ['kind' => 'screen'], 'paper' => ['sheet' => null, 'width' => '8 in', 'height' => '8 in'], 'fit' => ['way' => 'inset'], 'grid' => ['school' => 'count', 'columns' => 4]], 800, 800)->json);
    $told = static fn (): array => test()->getJson("/api/drawings/{$drawing->id}/strokes")->assertOk()->json();
    Drawings::rechoose($drawing, ['strokes' => [['x1' => '0.9', 'y1' => '0.9', 'x2' => '0.95', 'y2' => '0.8']]]);
    Drawings::rechoose(Drawing::query()->findOrFail($drawing->id), ['photo' => $held]);
    $read = array_values(array_filter($told(), static fn (array $one): bool => ! $one['by_hand']));
    // Eight of sixteen cells; none on the plain half.
    expect($read)->toHaveCount(8);
    foreach ($read as $one) {
        $off = abs($one['degrees'] - $degrees);
        expect(min($off, 180 - $off))->toBeLessThan(2.0);
    }
    $hand = array_values(array_filter($told(), static fn (array $one): bool => $one['by_hand']));
    expect($hand)->toHaveCount(1)->and($hand[0]['degrees'])->toEqualWithDelta($drawn, 0.2)->and($hand[0]['says'])->toContain('as you drew it');
})->with([
    'as it is' => [[], 30.0, -63.4],
    'turned' => [['quarters' => 1], -60.0, 26.6],
    'mirrored' => [['mirrored' => true], -30.0, 63.4],
    'turned twice' => [['quarters' => 2], 30.0, -63.4],
]);

it('lets the hand say how strokes run in a cell that the photo tells otherwise, and takes it back', function () {
    $drawing = banded(['strokes' => [['x1' => '0.1', 'y1' => '0.1', 'x2' => '0.2', 'y2' => '0.1'], ['x1' => '0.12', 'y1' => '0.12', 'x2' => '0.12', 'y2' => '0.2']]]);
    $first = collect(test()->getJson("/api/drawings/{$drawing->id}/strokes")->assertOk()->json())->first(static fn (array $one): bool => $one['column'] === 0 && $one['row'] === 0);
    // The last word counts.
    expect($first)->toMatchArray(['by_hand' => true])->and(abs($first['degrees']))->toEqual(90.0);
    test()->postJson('/api/workings', ['choices' => ['strokes' => [['x1' => '0.5', 'y1' => '0.5', 'x2' => '0.5', 'y2' => '0.5']]], 'wide' => 800, 'high' => 600])->assertUnprocessable();
    $sizes = test()->postJson('/api/drawings', ['width' => '5 in', 'height' => '7 in'])->json('id');
    expect(test()->getJson("/api/drawings/{$sizes}/strokes")->assertOk()->json())->toBe([]);
});

it('parts light and shadow where that is moved to, and goes back to where they part best', function () {
    // Bands of L* 100, 50 and 0.
    $drawing = banded();
    $asked = function (mixed $at) use ($drawing): array {
        test()->putJson("/api/drawings/{$drawing->id}", ['version' => $drawing->refresh()->version, 'choices' => array_replace_recursive($drawing->document(), ['tone' => ['threshold' => $at]])])->assertOk();
        $told = tonesOf($drawing)->assertOk()->json();
        $two = new Imagick;
        $two->readImageBlob(test()->get($told['two'])->assertOk()->streamedContent());
        $grey = fn (float $x): int => $two->getImagePixelColor((int) ($x * $two->getImageWidth()), intdiv($two->getImageHeight(), 2))->getColor()['r'];

        // Whether the middle band goes with the light one.
        return [...$told['parting'], 'light' => $grey(0.6) === $grey(0.2)];
    };
    $best = $asked(null);
    expect($best['at'])->toBeGreaterThan(1)->toBeLessThan(99)
        ->and($asked(30))->toMatchArray(['at' => 30, 'words' => 'Light and shadow are clearly apart. 25 % is shadow. Only 0 % lies between.', 'light' => true])
        ->and($asked(80))->toMatchArray(['at' => 80, 'words' => 'Light and shadow are clearly apart. 50 % is shadow. Only 0 % lies between.', 'light' => false])
        ->and($asked(51)['words'])->toContain('25 % lies between')
        ->and($asked(1000)['at'])->toBe(99)->and($asked('noon'))->toBe($best)->and($asked(null))->toBe($best);
});
