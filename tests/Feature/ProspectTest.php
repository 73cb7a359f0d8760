<?php

use App\Documents\ChoicesReader;
use App\Imaging\Framer;
use App\Models\Drawing;
use App\Models\Preset;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Catalogue;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\PrintedPart;
use InchLadder\Photo\Turning;
use InchLadder\Plan\Plan;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Drawings;
use Tests\Photos;

/*
 * What a drawing could be instead, and what is done to it by hand.
 */

/**
 * @param  array<string, mixed>  $choices  laid over a 5 × 7 in print on letter, no margins
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function asked(array $choices = [], array $more = []): array
{
    return ['choices' => array_replace_recursive([
        'photo' => ['kind' => 'print', 'width' => '5 in', 'height' => '7 in'],
        'paper' => ['sheet' => 'letter', 'width' => '8 1/2 in', 'height' => '11 in', 'margins' => ['top' => '0', 'right' => '0', 'bottom' => '0', 'left' => '0']],
    ], $choices), 'wide' => 1000, 'high' => 1400, ...$more];
}

/** Takes a picture of four corners: red, green, blue and white, clockwise from the top left. */
function fourCorners(int $wide, int $high): Imagick
{
    $image = new Imagick;
    $image->newImage($wide, $high, 'white');
    foreach ([['red', 0, 0], ['lime', intdiv($wide, 2), 0], ['blue', intdiv($wide, 2), intdiv($high, 2)]] as [$colour, $x, $y]) {
        $part = new Imagick;
        $part->newImage(intdiv($wide, 2), intdiv($high, 2), $colour);
        $image->compositeImage($part, Imagick::COMPOSITE_COPY, $x, $y);
    }

    return $image;
}

/** @return list<string> colours of the corners, clockwise from the top left */
function cornersOf(Imagick $image): array
{
    [$w, $h] = [$image->getImageWidth() - 1, $image->getImageHeight() - 1];
    $names = ['255 0 0' => 'red', '0 255 0' => 'lime', '0 0 255' => 'blue', '255 255 255' => 'white'];

    return array_map(function (array $at) use ($image, $names): string {
        $pixel = $image->getImagePixelColor(...$at)->getColor();

        return $names["{$pixel['r']} {$pixel['g']} {$pixel['b']}"] ?? 'mixed';
    }, [[2, 2], [$w - 2, 2], [$w - 2, $h - 2], [2, $h - 2]]);
}

it('holds pixels as a framing says', function (int $quarters, bool $mirrored, float $degrees, string $border, array $size, array $corners) {
    $framing = new Framing(Turning::of($quarters, $mirrored, $degrees, Keep::Shape), Border::of(...array_fill(0, 4, Rational::of($border))));
    $framed = Framer::frame(fourCorners(400, 300), $framing);
    expect([$framed->getImageWidth(), $framed->getImageHeight()])->toBe($size)->and(cornersOf($framed))->toBe($corners);
})->with([
    'as it lies' => [0, false, 0, '0', [400, 300], ['red', 'lime', 'blue', 'white']],
    'a quarter clockwise' => [1, false, 0, '0', [300, 400], ['white', 'red', 'lime', 'blue']],
    'upside down' => [2, false, 0, '0', [400, 300], ['blue', 'white', 'red', 'lime']],
    'mirrored' => [0, true, 0, '0', [400, 300], ['lime', 'red', 'white', 'blue']],
    'a quarter, then mirrored' => [1, true, 0, '0', [300, 400], ['red', 'white', 'blue', 'lime']],
    'a border off' => [0, false, 0, '0.1', [320, 240], ['red', 'lime', 'blue', 'white']],
    'straightened' => [0, false, 5, '0', [359, 269], ['red', 'lime', 'blue', 'white']],
]);

it('takes each pixel from where the one map says, whatever the print shows, however it is held', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(810 + $seed));
    $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    // Each pixel says in red and green where it lies.
    $image = new Imagick;
    $image->newImage(240, 180, 'black');
    $pixels = [];
    for ($y = 0; $y < 180; $y++) {
        for ($x = 0; $x < 240; $x++) {
            array_push($pixels, $x, $y, 0);
        }
    }
    $image->importImagePixels(0, 0, 240, 180, 'RGB', Imagick::PIXEL_CHAR, $pixels);
    $quarters = $random->getInt(0, 3);
    [$wide, $high] = $quarters % 2 === 0 ? [240, 180] : [180, 240];
    $share = static fn (): Rational => Rational::nd($random->getInt(0, 40), 100);
    $part = PrintedPart::of($share(), $share(), Rational::nd($random->getInt(30, 100), 100), $one([Rational::nd(1, 1), Rational::nd(6, 5), Rational::nd(5, 8)]), Rational::nd($wide, $high));
    $framing = new Framing(Turning::of($quarters, $one([true, false]), $one([0, 0, 4.0]), Keep::Shape), Border::of(...array_map(Rational::of(...), $one([['0', '0', '0', '0'], ['0.1', '0', '0.05', '0.2']]))), $part);
    $framed = Framer::frame($image, $framing);
    [$w, $h] = [$framed->getImageWidth(), $framed->getImageHeight()];
    [, , $partWide, $partHigh] = $part->pixels($wide, $high);
    $map = InchLadder\Layout\PictureMap::of($framing, InchLadder\Fit\Crop::whole(), $partWide, $partHigh)->pictureToFile()->floats();
    foreach ([[0.1, 0.1], [0.5, 0.5], [0.9, 0.2], [0.3, 0.85]] as [$x, $y]) {
        $pixel = $framed->getImagePixelColor((int) floor($x * $w), (int) floor($y * $h))->getColor();
        [$u, $v] = [(floor($x * $w) + 0.5) / $w, (floor($y * $h) + 0.5) / $h];
        expect([$pixel['r'] + 0.5, $pixel['g'] + 0.5])->toEqualWithDelta([($map[0] * $u + $map[1] * $v + $map[2]) * 240, ($map[3] * $u + $map[4] * $v + $map[5]) * 180], 1.6);
    }
})->with(range(1, 24));

it('takes a trimmed print for a part of its photo: nothing is stretched, it is placed, moved, turned along, and placed anew', function () {
    $photo = app(App\Imaging\PhotoStore::class)->take(Photos::make(900, 600));
    $choices = ['photo' => ['kind' => 'print', 'width' => '6 in', 'height' => '5 in'], 'fit' => ['way' => 'inset'], 'grid' => ['school' => 'count', 'columns' => 4]];
    $adjust = fn (string $act, array $how, array $from) => $this->postJson('/api/adjust', ['choices' => $from, 'wide' => 900, 'high' => 600, 'act' => $act, 'how' => $how])->assertOk()->json();
    $ask = fn (string $act, array $how, array $from) => $this->postJson('/api/workings', ['choices' => $adjust($act, $how, $from)['choices'], 'wide' => 900, 'high' => 600])->assertOk()->json();
    $before = $this->postJson('/api/workings', ['choices' => $choices, 'wide' => 900, 'high' => 600])->assertOk()->json();
    expect($before['mismatch']['sentence'])->toContain('say what of the photo it shows');
    // 6 : 5 of a photo of 3 : 2 is all of its height, and four fifths of its width.
    $middle = $ask('part', [], $before['choices']);
    expect($middle['mismatch'])->toBeNull()->and($middle['choices']['photo']['part'])->toBe(['left' => '1/10', 'top' => '0', 'width' => '4/5'])
        ->and($middle['picture']['width'] / $middle['picture']['height'])->toEqualWithDelta(1.2, 0.01)
        ->and(implode(' ', $middle['rungs']['photo']['sums']))->toContain('The print shows 80 % of the photo', 'Nothing is stretched');
    $moved = $ask('part', ['nudge' => 'right'], $middle['choices']);
    expect($moved['choices']['photo']['part']['left'])->toBe('11/100');
    $round = $moved;
    foreach (range(1, 4) as $quarter) {
        $round = $ask('turn', ['way' => 'right'], $round['choices']);
        expect($round['mismatch'])->toBeNull("after {$quarter} quarters");
    }
    expect($round['choices']['photo']['part'])->toBe($moved['choices']['photo']['part']);
    // Mirrored, what lies to the right as it is seen lies to the left on the print.
    $mirrored = $ask('part', ['nudge' => 'right'], $ask('turn', ['way' => 'mirror'], $moved['choices'])['choices']);
    expect($mirrored['choices']['photo']['part']['left'])->toBe('1/10');
    // A box about its middle: as wide as it was drawn, as high as the print's shape wants it.
    $drawn = $ask('part', ['left' => 0.25, 'top' => 0.25, 'width' => 0.5, 'height' => 0.2], $before['choices']);
    expect(array_map(fn (string $share): float => Rational::of($share)->toFloat(), $drawn['choices']['photo']['part']))->toEqualWithDelta(['left' => 0.25, 'top' => 0.0375, 'width' => 0.5], 0.002);
    $all = $ask('part', ['all' => true], $drawn['choices']);
    expect($all['choices']['photo']['part'])->toBeNull()->and($all['mismatch'])->not->toBeNull();
    $this->postJson('/api/adjust', ['choices' => array_replace_recursive($choices, ['photo' => ['kind' => 'screen']]), 'wide' => 900, 'high' => 600, 'act' => 'part', 'how' => []])->assertUnprocessable()->assertJsonValidationErrors(['photo.part']);
});

it('turns a falling line level: clockwise is clockwise in pixels too', function () {
    // A black line that falls by 1 in 20 to the right, on white.
    $image = new Imagick;
    $image->newImage(600, 400, 'white');
    $line = new ImagickDraw;
    $line->setStrokeColor('black');
    $line->setStrokeWidth(3);
    $line->line(0, 185, 600, 215);
    $image->drawImage($line);
    $framed = Framer::frame($image, new Framing(Turning::of(0, false, Turning::levelling(600, 30), Keep::Shape), Border::none()));
    $darkest = function (int $x) use ($framed): int {
        $column = $framed->exportImagePixels($x, 0, 1, $framed->getImageHeight(), 'I', Imagick::PIXEL_CHAR);

        return (int) array_search(min($column), $column, true);
    };
    expect(abs($darkest(10) - $darkest($framed->getImageWidth() - 10)))->toBeLessThanOrEqual(2);
});

it('serves previews and cuts held as they are framed, and a tampered address as the photo lies', function () {
    $drawing = Drawing::query()->findOrFail($this->post('/api/drawings', ['photo' => new UploadedFile(Photos::make(800, 600), 'p.jpg', null, null, true)])->json('id'));
    $size = function (string $address): array {
        $image = new Imagick;
        $response = $this->get($address)->assertOk();
        $image->readImageBlob($response->baseResponse instanceof Symfony\Component\HttpFoundation\BinaryFileResponse ? (string) file_get_contents($response->baseResponse->getFile()->getPathname()) : $response->content());

        return [$image->getImageWidth(), $image->getImageHeight()];
    };
    $photo = "/api/photos/{$drawing->photo_id}";
    expect($size("{$photo}/preview.jpg?quarters=1&mirrored=0&straighten=0&keep=shape&border="))->toBe([600, 800])
        ->and($size("{$photo}/cut.jpg?left=0&top=0&width=0.5&height=0.5&quarters=1&mirrored=0&straighten=0&keep=shape&border=0.100000+0+0.100000+0"))->toBe([300, 320])
        ->and($size("{$photo}/preview.jpg?quarters=1&straighten=80"))->toBe([800, 600])
        ->and($size("{$photo}/preview.jpg?quarters=0&straighten=0&border=9+9+9+9"))->toBe([800, 600]);
});

it('sets the four ways side by side', function () {
    $ways = collect($this->postJson('/api/ways', asked(['fit' => ['cell' => '9 in']]))->assertOk()->json())->keyBy('way');
    expect($ways['crop']['trimmed'])->toContain('7.6 %')
        ->and($ways['inset']['size'])->toBe('7 7/8 × 11 in')
        ->and($ways['inset']['leftover'])->toContain('5/8 in across')
        // Whole squares are those of the best plan for this sheet, whatever cell was chosen for another.
        ->and($ways['cells']['trouble'])->toBeNull()
        ->and($ways['stretch']['stretch'])->toBe('8.18 %, visible')
        ->and($ways['stretch']['scale'])->toBe('×1 7/10 by ×1 4/7');
});

it('lists other sheets by the crop that was chosen', function () {
    $square = ['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0', 'top' => '0', 'width' => '1', 'height' => '5/7']];
    $names = array_column(array_slice($this->postJson('/api/sheets', asked($square))->assertOk()->json(), 0, 3), 'name');
    // A square crop of a 5 × 7 in photo fills the squarest sheets.
    foreach ($names as $name) {
        $sheet = array_values(array_filter(Catalogue::sheets(), fn ($sheet) => $sheet->name === $name))[0];
        expect($sheet->size->width->over($sheet->size->height)->toFloat())->toBeGreaterThan(0.77);
    }
});

it('lists other sheets, the artist’s own first, the least wasted before others', function () {
    Preset::query()->create(['kind' => 'paper', 'name' => 'Grey pad', 'content' => ['paper' => ['width' => '20 in', 'height' => '7 in']]]);
    $sheets = $this->postJson('/api/sheets', asked())->assertOk()->json();
    expect($sheets[0])->toMatchArray(['name' => 'Grey pad', 'owned' => true, 'key' => null]);
    $wasted = array_column(array_slice($sheets, 1), 'wasted_percent');
    $sorted = $wasted;
    sort($sorted);
    expect($wasted)->toBe($sorted)
        ->and(count($sheets))->toBe(13)
        // By this crop, whatever the shape of the whole photo.
        ->and(array_column($sheets, 'name'))->toContain('Letter');
});

it('compares the schools, each with its reasons, and says which cannot be had', function () {
    $schools = collect($this->postJson('/api/schools', asked(['grid' => ['cell' => '20 in', 'columns' => 4]]))->assertOk()->json())->keyBy('school');
    expect($schools)->toHaveCount(10)->and($schools['measure']['trouble'])->toContain('Choose a smaller one')
        ->and($schools['thirds'])->toMatchArray(['lines' => 4, 'cells' => 9, 'time' => '2–4 min'])
        ->and($schools['count']['largest'])->toBe('2 1/8 × 2 1/8 in')
        ->and($schools['count']['for'])->not->toBe('');
});

it('says of each mesh what it costs to rule and what it gives', function () {
    $meshes = $this->postJson('/api/meshes', asked())->assertOk()->json();
    expect(array_column($meshes, 'columns'))->toBe([3, 4, 5, 6, 8, 10, 12, 16, 20])
        ->and($meshes[1])->toMatchArray(['rows' => 6, 'lines' => 8, 'cells' => 24, 'cell' => '2 1/8 × 2 1/8 in', 'time' => '4–7 min', 'error' => '3/16 in']);
    $finer = array_column($meshes, 'lines');
    $sorted = $finer;
    sort($sorted);
    expect($finer)->toBe($sorted);
});

it('prefers a count of squares that leaves no sliver', function () {
    // 2050 / 1450 of 5 columns is 7.07 rows: the last is too thin to copy in. Of 6 it is 8.48 rows.
    $meshes = $this->postJson('/api/meshes', asked(['photo' => ['kind' => 'screen'], 'fit' => ['way' => 'inset']], ['wide' => 1450, 'high' => 2050]))->assertOk()->json();
    expect(array_column($meshes, 'density', 'columns'))->toMatchArray([5 => null, 6 => 'middling']);
});

it('says how large to print the reference, and which sizes have too few pixels', function () {
    $prints = collect($this->postJson('/api/prints', asked())->assertOk()->json())->keyBy('paper');
    expect($prints['Print 5 × 7 in'])->toMatchArray(['print' => '5 × 7 in', 'per_inch' => 200, 'enough' => true])
        ->and($prints['A3']['enough'])->toBeFalse()
        ->and($prints['A3']['per_inch'])->toBe(86);
});

it('lists the dividers’ settings, those that fit first and the fullest before others', function () {
    $settings = $this->postJson('/api/dividers', asked())->assertOk()->json();
    expect(array_column(array_filter($settings, fn (array $one) => $one['fits']), 'setting'))->toBe(['×1 2/3', '×1 1/2', '×1 1/3', '×1 1/4', '×1'])
        ->and($settings[0]['empty_percent'])->toBe(3.9);
    $this->postJson('/api/dividers', asked(['photo' => ['kind' => 'screen']]))->assertUnprocessable()->assertJsonPath('errors.dividers.0', 'Dividers carry lengths off a print. This drawing works from a screen.');
});

it('tells a false enlargement with the drawing’s own numbers', function (string $size, bool $true, string $says) {
    $answer = $this->postJson('/api/enlargement', asked(['fit' => ['way' => 'inset']], ['size' => $size]))->assertOk()->json();
    expect($answer['good'])->toBe($true)->and(implode(' ', $answer['sentences']))->toContain($says);
})->with([
    ['10 x 14 in', true, 'both sides ×2, a true enlargement'],
    ['7 x 9 in', false, '2 in added to both sides is no enlargement.'],
    ['7 x 9 in', false, 'In proportion it is 7 × 9 4/5 in, or 6 3/7 × 9 in.'],
    ['8 x 10 in', false, 'visible'],
]);

it('answers nonsense beside what was typed', function (string $path, array $more, string $field, string $says) {
    $this->postJson("/api/{$path}", asked([], $more))->assertUnprocessable()->assertJson(['errors' => [$field => [$says]]]);
})->with([
    ['plans', ['most_lines' => 'few'], 'most_lines', 'Lines are counted in whole numbers, up to 120.'],
    ['plans', ['least_cell' => '2 in', 'never_trim' => true, 'whole_sheet' => true], 'plans', 'No squares meet these conditions. Remove more than one of them.'],
    ['adjust', ['act' => 'dance', 'how' => []], 'act', 'There is no such thing to do.'],
    ['adjust', ['act' => 'aim', 'how' => ['x' => 'here']], 'x', 'Point at the picture.'],
    ['ruled', ['columns' => 0, 'rows' => 3], 'grid.columns', 'A grid needs at least 1 of its columns. Choose 1 to 60.'],
]);

it('turns what was marked with the photo', function (string $way, array $point, array $region, array $photo) {
    $before = ['points' => [['name' => 'eye', 'x' => '1/4', 'y' => '1/5', 'cross' => true]], 'regions' => [['left' => '0', 'top' => '1/2', 'width' => '1/4', 'height' => '1/10', 'use' => 'not needed']], 'photo' => ['border' => ['left' => '5 %', 'top' => '2 %']]];
    $after = $this->postJson('/api/adjust', asked($before, ['act' => 'turn', 'how' => ['way' => $way]]))->assertOk()->json('choices');
    expect([$after['points'][0]['x'], $after['points'][0]['y']])->toBe($point)
        ->and([$after['regions'][0]['left'], $after['regions'][0]['top'], $after['regions'][0]['width'], $after['regions'][0]['height']])->toBe($region)
        ->and([$after['photo']['width'], $after['photo']['border']['top'], $after['photo']['border']['right'], $after['photo']['border']['left']])->toBe($photo);
})->with([
    'right' => ['right', ['4/5', '1/4'], ['2/5', '0', '1/10', '1/4'], ['7 in', '5 %', '2 %', '0']],
    'left' => ['left', ['1/5', '3/4'], ['1/2', '3/4', '1/10', '1/4'], ['7 in', '0', '0', '2 %']],
    'mirrored' => ['mirror', ['3/4', '1/5'], ['3/4', '1/2', '1/4', '1/10'], ['5 in', '2 %', '5 %', '0']],
]);

it('comes round to where it began after four turns, mirrored or not', function (bool $mirrored) {
    $choices = asked(['photo' => ['mirrored' => $mirrored], 'points' => [['name' => 'eye', 'x' => '1/4', 'y' => '1/5', 'cross' => true]]])['choices'];
    $first = null;
    for ($turn = 0; $turn < 4; $turn++) {
        $choices = $this->postJson('/api/adjust', ['choices' => $choices, 'wide' => 1000, 'high' => 1400, 'act' => 'turn', 'how' => ['way' => 'right']])->assertOk()->json('choices');
        $first ??= $choices;
    }
    expect($first['photo']['quarters'])->toBe($mirrored ? 3 : 1)
        ->and($choices['photo']['quarters'])->toBe(0)
        ->and($choices['points'][0])->toMatchArray(['x' => '1/4', 'y' => '1/5']);
})->with([
    true,
    false,
]);

it('moves the crop to keep a thing clear of lines, when it can', function (array $box, string $says) {
    $choices = ['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0.1', 'top' => '0.1', 'width' => '0.5', 'height' => '0.5'], 'grid' => ['school' => 'proportional', 'columns' => 2, 'rows' => 2]];
    expect($this->postJson('/api/adjust', asked($choices, ['act' => 'whole', 'how' => $box]))->assertOk()->json('said'))->toContain($says);
})->with([
    'across the middle line' => [['left' => 0.3, 'top' => 0.15, 'width' => 0.1, 'height' => 0.1], 'No line runs through it now'],
    'clear already' => [['left' => 0.15, 'top' => 0.15, 'width' => 0.1, 'height' => 0.1], 'No line runs through it.'],
    'too large' => [['left' => 0.15, 'top' => 0.15, 'width' => 0.3, 'height' => 0.1], 'larger than one cell'],
]);

it('takes up a plan so that both cells are exactly what was promised', function () {
    $plans = $this->postJson('/api/plans', asked())->assertOk()->json();
    foreach ($plans as $plan) {
        $choices = $this->postJson('/api/adjust', asked([], ['act' => 'plan', 'how' => ['paper_cell' => $plan['paper_cell']['exact'].' mm', 'photo_cell' => $plan['photo_cell']['exact'].' mm', 'columns' => $plan['columns'], 'rows' => $plan['rows']]]))->assertOk()->json('choices');
        $workings = $this->postJson('/api/workings', ['choices' => $choices, 'wide' => 1000, 'high' => 1400])->assertOk()->json();
        expect($workings['grid']['photo_cell']['width']['exact'])->toBe($plan['photo_cell']['exact'])
            ->and($workings['grid']['cell']['height']['exact'])->toBe($plan['paper_cell']['exact'])
            ->and($workings['scale']['x'])->toBe($plan['scale'])
            ->and($workings['crop']['trimmed_percent'])->toEqualWithDelta($plan['trimmed_percent'], 0.006);
    }
    expect(array_column($plans, 'rank'))->toBe(range(1, count($plans)));
});

it('suggests the same on the command line', function (string $options, array $more) {
    $output = new BufferedOutput;
    expect(Artisan::call("inch:suggest --photo=5x7in --sheet=letter --json {$options}", [], $output))->toBe(0);
    expect(json_decode($output->fetch(), true))->toEqual($this->postJson('/api/plans', asked([], $more))->assertOk()->json());
})->with([
    ['', []],
    ['--never-trim --most-lines=10', ['never_trim' => true, 'most_lines' => '10']],
    ['--least-cell=2in', ['least_cell' => '2in']],
]);

it('says on the command line which demand to let go of', function (string $options, string $says) {
    $output = new BufferedOutput;
    expect(Artisan::call("inch:suggest {$options}", [], $output))->toBe(1)->and($output->fetch())->toContain($says);
})->with([
    ['--photo=5x7in --sheet=9x11in --never-trim --whole-sheet', 'Without “Fill the sheet” there are some.'],
    ['--photo=5x7in --subject=dragon', 'Choose one of likeness'],
    ['--photo=5x7in --photo-ruler=1mm', 'in'],
]);

it('checks a frame by its diagonals, and ticks measured back', function (string $path, array $more, bool $good, string $says) {
    $answer = $this->postJson("/api/{$path}", asked(['fit' => ['way' => 'cells', 'cell' => '1 1/2 in']], $more))->assertOk()->json();
    expect($answer['good'])->toBe($good)->and(implode(' ', $answer['sentences']))->toContain($says);
})->with([
    // The frame is 7½ × 10½ in: 12.904 in corner to corner.
    ['square', ['falling' => '', 'rising' => ''], true, 'Both diagonals should be 12 7/8 in'],
    ['square', ['falling' => '12 7/8', 'rising' => '12 15/16 in'], true, 'Square, as far as this ruler can tell'],
    ['square', ['falling' => '13 1/8', 'rising' => '12 11/16 in'], false, 'as if the lower edge had slid 3/8 in to the right'],
    ['square', ['falling' => '13 1/4', 'rising' => '13 1/4 in'], false, '2.7 % too long: a side is off too'],
    ['square', ['falling' => '12 7/8', 'rising' => '13', 'top' => '7 5/8'], false, 'Look first at the top right mark'],
    ['square', ['falling' => '12 7/8', 'rising' => '13', 'top' => '7 5/8'], false, 'The cell in that corner is wrong by 1/8 in'],
    ['square', ['falling' => '12 7/8', 'rising' => '13', 'top' => '7 5/8'], false, 'The top edge is 1/8 in too long.'],
    ['square', ['top' => '7 1/2', 'left' => '10 1/2'], true, 'Not proved, as it was not measured: the bottom edge, the right side, the diagonal falling'],
    ['square', ['which' => 'sheet', 'falling' => '13 7/8', 'rising' => '13 7/8'], true, 'both diagonals should be 13 7/8 in'],
    ['square', ['which' => 'print'], true, 'Both diagonals should be 8 5/8 in'],
    // Lines lie at 1¾, 3¼ … from the sheet's upper edge.
    ['measured', ['way' => 'down', 'ticks' => [1 => '1 3/4', 2 => '3 1/4', 3 => '4 3/4']], true, '4 were not'],
    ['measured', ['way' => 'down', 'ticks' => [1 => '2', 2 => '3 1/2', 3 => '5']], false, 'All of them lie 1/4 in too far down'],
    ['measured', ['way' => 'down', 'ticks' => [1 => '1 3/4', 2 => '4 1/4']], false, 'Line 1 is where it belongs. Line 2 lies 1 in too far down. Two readings cannot tell a slip from a stretch: measure a third.'],
    // Both edges an eighth too long explain what the diagonals have too much.
    ['square', ['falling' => '13', 'rising' => '13', 'top' => '7 5/8', 'bottom' => '7 5/8'], false, 'The top edge is 1/8 in too long. The bottom edge is 1/8 in too long.'],
    ['measured', ['way' => 'down', 'ticks' => [1 => '2', 2 => '3 5/8', 3 => '5 1/4', 4 => '6 7/8', 5 => '8 1/2', 6 => '10 1/8']], false, 'They begin 1/8 in too far down: the zero was laid elsewhere, or the ruler was turned end for end. They drift'],
    ['measured', ['way' => 'across', 'ticks' => [1 => '2', 2 => '3 1/2', 3 => '5 1/2', 4 => '6 1/2', 5 => '8']], false, 'Line 3 alone has slipped 1/2 in to the right'],
]);

it('does not say that a side is off too where it named the sides', function () {
    $answer = $this->postJson('/api/square', asked(['fit' => ['way' => 'cells', 'cell' => '1 1/2 in']], ['falling' => '13 1/4', 'rising' => '13 1/4', 'top' => '7 7/8', 'bottom' => '7 7/8']))->json('sentences');
    expect(implode(' ', $answer))->toContain('The top edge', 'The bottom edge')->not->toContain('a side is off too');
});

it('knows a ruled grid whose last row is cut short as its own, counted with that row', function (int $rows, bool $good) {
    $answer = $this->postJson('/api/ruled', asked(['fit' => ['way' => 'inset'], 'grid' => ['school' => 'measure', 'cell' => '2 in']], ['columns' => 4, 'rows' => $rows]))->assertOk()->json();
    expect($answer['good'])->toBe($good)->and(in_array('A part that is cut short counts too.', $answer['sentences'], true))->toBe(! $good);
})->with(['counted with it' => [6, true], 'counted without it' => [5, false], 'another grid' => [8, false]]);

it('proposes to spread or leave off a strip under a quarter of a cell, and of no other', function (string $cell, ?string $says) {
    $answer = $this->postJson('/api/workings', asked(['fit' => ['way' => 'inset'], 'grid' => ['school' => 'measure', 'cell' => $cell]], ['wide' => 500, 'high' => 700]))->assertOk()->json('sliver');
    $says === null ? expect($answer)->toBeNull() : expect($answer)->toBe($says);
})->with([
    // On 7 6/7 × 11 in: 5 × 1.55 = 7.75 and 7 × 1.55 = 10.85; 3 × 2 1/2 leaves 5/14, a seventh, and 4 × 2 1/2 two fifths; 2 in leaves over nine tenths and a half.
    'both' => ['1.55 in', 'A column is only 1/8 in (0.018 in over) wide, under a quarter of a cell. A row is only 1/8 in (0.025 in short) high, under a quarter of a cell. Spread it over all cells, or leave it off.'],
    'a column' => ['2 1/2 in', 'A column is only 3/8 in (0.018 in over) wide, under a quarter of a cell. Spread it over all cells, or leave it off.'],
    'none' => ['2 in', null],
]);

it('takes back what the walk gave either hand, and tells a tick one mark of the ruler beside it', function (string $hand) {
    // Seven and nine parts, so that readings are rounded both ways.
    $choices = ['grid' => ['school' => 'proportional', 'columns' => 7, 'rows' => 9]];
    $id = Drawings::begin(asked($choices)['choices'])->id;
    $steps = collect($this->getJson("/api/drawings/{$id}/marking/paper?hand={$hand}")->assertOk()->json('steps'))->keyBy('key');
    foreach (['across' => 'top', 'down' => 'left'] as $way => $edge) {
        $ticks = collect($steps[$edge]['ticks'])->mapWithKeys(fn (array $tick) => [$tick['line'] => $tick['reads']])->all();
        $ask = fn (array $ticks) => $this->postJson('/api/measured', asked($choices, ['way' => $way, 'ticks' => $ticks]))->assertOk()->json();
        expect($ask($ticks)['good'])->toBeTrue();
        // The ruler is divided in sixteenths; each line on its own, either way.
        foreach (array_slice(array_keys($ticks), 1, -1) as $line) {
            foreach ([1, -1] as $more) {
                $beside = InchLadder\Measure\Length::inches(InchLadder\Measure\Rational::nd($more, 16))->plus((new InchLadder\Measure\LengthReader(InchLadder\Measure\Unit::Inch))->read($ticks[$line]))->in(InchLadder\Measure\Unit::Inch);
                $answer = $ask([$line => (string) $beside] + $ticks);
                expect($answer['good'])->toBeFalse()->and(implode(' ', $answer['sentences']))->toContain("Line {$line} alone has slipped 1/16 in");
            }
        }
    }
})->with(['right', 'left']);

it('answers a measure that is none beside it', function () {
    $this->postJson('/api/square', asked([], ['falling' => 'long', 'rising' => '13 in']))->assertUnprocessable()->assertJson(['errors' => ['square.falling' => ['“long” is not a length. Write it like 8 1/2 in, 21 cm or 210 mm.']]]);
    $this->postJson('/api/measured', asked([], ['way' => 'down', 'ticks' => [1 => '2']]))->assertUnprocessable()->assertJsonStructure(['errors' => ['measured']]);
});

it('lists the marks as CSV and as JSON, on the page and on the command line', function () {
    // A margin of 1/3 in, which no ruler in sixteenths reads; the drawing's own lines all fall on it.
    $id = Drawings::begin(asked(['paper' => ['placement' => 'top left', 'margins' => ['left' => '1/3', 'top' => '1/3']], 'grid' => ['columns' => 5]])['choices'])->id;
    $csv = $this->get("/api/drawings/{$id}/marks.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->content();
    $rows = array_map(str_getcsv(...), explode("\r\n", trim($csv)));
    $marks = $this->getJson("/api/drawings/{$id}/marks.json")->assertOk()->json();
    expect($rows[0])->toBe(['edge', 'line', 'photo_from', 'photo_mm', 'photo', 'photo_error_mm', 'area_mm', 'area', 'area_error_mm', 'sheet_mm', 'sheet', 'sheet_error_mm'])
        ->and(count($rows) - 1)->toBe(count($marks['across']) + count($marks['down']) + 2)
        // The frame's own edge, which the list begins with.
        ->and(array_slice($rows[1], 0, 4))->toBe(['across', '0', 'crop left', '0'])
        ->and((float) $rows[1][6])->toBe(0.0);
    $rounded = 0;
    foreach ($marks['across'] as $i => $mark) {
        $row = array_combine($rows[0], $rows[$i + 2]);
        expect((float) $row['photo_mm'])->toEqualWithDelta($mark['photo']['mm'], 0.0001)
            ->and((float) $row['sheet_mm'])->toEqualWithDelta($mark['sheet']['mm'], 0.0001)
            ->and((float) $row['area_error_mm'])->toEqualWithDelta($mark['error_mm'], 0.0001)
            ->and((float) $row['sheet_error_mm'])->toEqualWithDelta($mark['sheet_error_mm'], 0.0001);
        // What is written for the ruler, read again, less where it lies.
        $read = (new InchLadder\Measure\LengthReader(InchLadder\Measure\Unit::Inch))->read($row['sheet'])->toFloat();
        expect((float) $row['sheet_error_mm'])->toEqualWithDelta($read - (float) $row['sheet_mm'], 0.0002);
        $rounded += abs($read - (float) $row['sheet_mm']) > 0.001 ? 1 : 0;
    }
    expect($rounded)->toBeGreaterThan(2);
    $output = new BufferedOutput;
    expect(Artisan::call("inch:marks {$id} --csv", [], $output))->toBe(0)->and($output->fetch())->toBe($csv)
        ->and(Artisan::call("inch:marks {$id} --json", [], $output))->toBe(0)
        ->and(json_decode($output->fetch(), true))->toEqual($marks)
        ->and(Artisan::call('inch:marks nobody', [], $output))->toBe(1);
});

it('keeps papers, rulers and grids under a name, and forgets them', function () {
    $keep = fn (string $kind, string $name, array $choices = []) => $this->postJson('/api/keepsakes', asked($choices, ['kind' => $kind, 'name' => $name]));
    $keep('grid', 'Portrait', ['grid' => ['school' => 'folding', 'fold_columns' => 8]])->assertCreated()->assertJsonPath('content.grid.fold_columns', 8);
    $keep('ruler', 'Steel', ['reach' => '12'])->assertCreated()->assertJsonPath('content.reach', '12 in')->assertJsonMissingPath('content.paper');
    $keep('ruler', 'Steel', ['reach' => '18'])->assertCreated();
    $keep('ruler', ' ')->assertUnprocessable()->assertJsonPath('errors.name.0', 'Give it a name of up to 60 letters, to find it by.');
    $keep('pencil', 'B')->assertUnprocessable();
    $kept = $this->getJson('/api/keepsakes')->assertJsonCount(2)->json();
    $this->deleteJson("/api/keepsakes/{$kept[0]['id']}")->assertNoContent();
    $this->getJson('/api/keepsakes')->assertJsonCount(1);
});

it('begins from sizes alone, prints its grid, and refuses sizes that cannot be', function () {
    $drawing = $this->postJson('/api/drawings', ['width' => '5', 'height' => '7 in'])->assertCreated()->json();
    expect($drawing['photo'])->toBeNull()
        ->and($drawing['workings']['grid']['photo_cell']['width']['text'])->toStartWith('1 in')
        ->and($drawing['tones'])->toBe([]);
    $page = Tests\Sheets::leaves(App\Models\Drawing::query()->findOrFail($drawing['id']), 'gridded', ['at' => 'print'])->page(0);
    expect(array_unique(array_map(get_class(...), $page->marks)))->toContain(App\Printing\Line::class)->not->toContain(App\Printing\Picture::class);
    $this->getJson('/api/drawings')->assertOk()->assertJsonPath('0.photo', null)->assertJsonPath('0.shape', 0.714286);
    $this->getJson("/api/drawings/{$drawing['id']}/edges")->assertExactJson([]);
    $this->postJson('/api/drawings', ['width' => '0', 'height' => '7'])->assertUnprocessable();
    $this->postJson('/api/drawings', ['width' => '', 'height' => '7'])->assertUnprocessable()->assertJsonPath('errors', ['photo.width' => ['Say how long this side of the original is, like 7 in or 18 cm.']]);
});

it('finds the strong lines of a picture, as shares of the crop', function () {
    $image = new Imagick;
    $image->newImage(600, 600, '#d8e4ee');
    $ground = new Imagick;
    $ground->newImage(600, 240, '#4a3a28');
    $image->compositeImage($ground, Imagick::COMPOSITE_COPY, 0, 360);
    $image->setImageFormat('png');
    $id = $this->post('/api/drawings', ['photo' => new UploadedFile(Photos::file($image->getImageBlob(), '.png'), 'h.png', null, null, true)])->json('id');
    $lines = $this->getJson("/api/drawings/{$id}/edges")->assertOk()->json();
    // 0.6 of the photo; the crop for letter trims the sides only.
    expect($lines)->toHaveCount(1)
        ->and($lines[0]['way'])->toBe('down')
        ->and($lines[0]['sentence'])->toStartWith('level, at 60 %: near 3/5');
});

it('reads a document of the first kind, with numbers for shares, as it was meant', function () {
    $workings = $this->postJson('/api/workings', asked(['fit' => ['way' => 'crop', 'left' => 0.01, 'top' => 0.05, 'size' => 0.5, 'inset' => 1], 'paper' => ['sheet' => null, 'width' => '10 in', 'height' => '10 in']]))->assertOk()->json();
    expect($workings['crop']['left'])->toBe(0.01)
        ->and($workings['crop']['share_w'])->toBe(0.5)
        ->and($workings['choices']['fit']['size'])->toBe('1/2');
});

it('takes another picture to stand beside the reference, and knows a made-up one', function () {
    $beside = $this->post('/api/photos', ['photo' => new UploadedFile(Photos::make(300, 200), 'other view.jpg', null, null, true)])->assertCreated()->json();
    expect($beside['name'])->toBe('Other view');
    $this->postJson('/api/workings', asked(['beside' => [$beside]]))->assertOk()->assertJsonPath('choices.beside.0.id', $beside['id']);
    $this->postJson('/api/workings', asked(['beside' => [['id' => '../../etc', 'name' => 'x']]]))->assertUnprocessable()->assertJsonPath('errors.beside.0', 'This picture is not known. Bring it over again.');
    $this->post('/api/photos', ['photo' => new UploadedFile(Photos::file('no picture'), 'x.jpg', null, null, true)], ['Accept' => 'application/json'])->assertUnprocessable();
});

it('works out only the sums that are in sight, when told which', function () {
    $rungs = $this->postJson('/api/workings', asked([], ['rung' => 'fit']))->assertOk()->json('rungs');
    expect($rungs['fit']['sums'])->not->toBe([])
        ->and($rungs['paper']['sums'])->toBe([])
        ->and($rungs['paper']['decision'])->toBe('Letter portrait, 8 1/2 × 11 in');
});

it('lets a size of one’s own have no name, and null be null', function () {
    $workings = $this->postJson('/api/workings', asked(['paper' => ['sheet' => null, 'width' => '10 in', 'height' => '12 in'], 'fit' => null, 'photo' => 'x']))->assertOk()->json();
    expect($workings['choices']['paper']['sheet'])->toBeNull()
        ->and($workings['rungs']['paper']['decision'])->toBe('10 × 12 in portrait')
        ->and($workings['choices']['fit']['way'])->toBe('crop')
        ->and($workings['choices']['photo']['kind'])->toBe('screen');
});

it('refuses hostile choices in a sentence, field by field', function (array $choices, string $field) {
    $this->postJson('/api/workings', asked($choices))->assertUnprocessable()->assertJsonStructure(['message', 'errors' => [$field]]);
})->with([
    [['photo' => ['straighten' => 'NAN']], 'photo.straighten'],
    [['photo' => ['straighten' => 40]], 'photo.straighten'],
    [['photo' => ['ruler' => '1 mm']], 'photo.ruler'],
    [['photo' => ['border' => ['left' => '99 %']]], 'photo.border.top'],
    [['photo' => ['subject' => 'a celebrity']], 'photo.subject'],
    [['reach' => '0'], 'reach'],
    [['grid' => ['school' => 'folding', 'fold_columns' => 3]], 'grid.columns'],
    [['grid' => ['tick' => '0']], 'grid.tick'],
    [['grid' => ['school' => 'axes', 'tick' => '1/64 in']], 'grid.tick'],
    [['fit' => ['lock' => 'ratio', 'ratio' => '0:0']], 'fit.ratio'],
    [['fit' => ['way' => 'cells', 'print_cell' => '9 in']], 'cell'],
    [['points' => array_fill(0, 101, ['x' => 0, 'y' => 0])], 'points'],
    [['regions' => [['left' => 0, 'top' => 0, 'width' => 1, 'height' => 1, 'use' => 'erase']]], 'regions.0.use'],
    [['paper' => ['placement' => 'offsets', 'offset' => ['left' => '5 in', 'top' => '0']]], 'paper.offset.left'],
    [['fit' => ['left' => 'left']], 'fit.left'],
]);

it('offers what can be done about a line through a thing, says what each costs, and does only the one that is chosen', function (array $box, array $says, ?string $by, string $done) {
    $choices = ['fit' => ['way' => 'crop', 'lock' => 'free', 'left' => '0.1', 'top' => '0.1', 'width' => '0.5', 'height' => '0.5'], 'grid' => ['school' => 'proportional', 'columns' => 2, 'rows' => 2], 'points' => [['name' => 'wick', 'x' => '0.101', 'y' => '0.3']]];
    $offers = $this->postJson('/api/clearances', asked($choices, ['act' => 'whole', 'how' => $box]))->assertOk()->json();
    expect(array_column($offers, 'says'))->toBe($says);
    $adjusted = $this->postJson('/api/adjust', asked($choices, ['act' => 'whole', 'how' => [...$box, 'by' => $by]]))->assertOk()->json();
    expect($adjusted['said'])->toBe($done);
    // Done, there is nothing left to do of it.
    $again = $this->postJson('/api/clearances', ['choices' => $adjusted['choices'], 'wide' => 1000, 'high' => 1400, 'act' => 'whole', 'how' => $box])->assertOk()->json();
    expect(array_filter($again, fn (array $offer) => $offer['by'] === $by))->toBe([]);
})->with([
    'into one cell' => [
        ['left' => 0.3, 'top' => 0.15, 'width' => 0.1, 'height' => 0.1],
        ['Whole in one cell: the crop moves by 13/16 in to the right on the paper. It crops away wick.', 'A vertical line through its middle: the crop stays.'],
        'clear', 'The crop moved by 13/16 in to the right on the paper. No line runs through it now. It crops away wick.',
    ],
    'a line on it' => [
        ['left' => 0.3, 'top' => 0.35, 'width' => 0.1, 'height' => 0.2],
        ['Whole in one cell: the crop moves by 13/16 in to the right on the paper. It crops away wick.', 'A vertical line through its middle: the crop stays.', 'A horizontal line through its middle: the crop moves by 2 3/16 in down on the paper.'],
        'level', 'The crop moved by 2 3/16 in down on the paper. A horizontal line runs through its middle.',
    ],
    'larger than a cell' => [
        ['left' => 0.15, 'top' => 0.15, 'width' => 0.3, 'height' => 0.1],
        ['It is larger than one cell, so a line must run through it. Larger cells would keep it whole.', 'A vertical line through its middle: the crop moves by 13/16 in to the left on the paper.', 'Whole in one cell of a grid of 1 column: the crop stays, and every cell is larger.'],
        'larger cells', '1 column, the crop stays. A cell holds it whole.',
    ],
]);

it('takes over a grid the photo carries: its box, its counts and its labels', function (array $how, ?string $fault) {
    $answer = $this->postJson('/api/adjust', asked([], ['act' => 'carried', 'how' => ['left' => 0.1, 'top' => 0.2, 'width' => 0.5, 'height' => 0.6, 'columns' => 5, 'rows' => 7, 'labels' => 'numbers', 'corner' => 'top right', ...$how]]));
    if ($fault !== null) {
        expect($answer->assertStatus(422)->json('message'))->toContain($fault);

        return;
    }
    $workings = $this->postJson('/api/workings', ['choices' => $answer->assertOk()->json('choices'), 'wide' => 1000, 'high' => 1400])->assertOk()->json();
    expect([$workings['crop']['left'], $workings['crop']['top'], $workings['crop']['share_w'], $workings['crop']['share_h']])->toEqualWithDelta([0.1, 0.2, 0.5, 0.6], 1e-9)
        ->and([$workings['grid']['columns'], $workings['grid']['rows'], $workings['choices']['grid']['labels'], $workings['choices']['grid']['corner']])->toBe([5, 7, 'numbers', 'top right']);
})->with([
    'as shown' => [[], null],
    'a slip of the hand' => [['width' => 0.001], 'too small to be it'],
    'no count' => [['columns' => 'many'], 'columns'],
]);

it('marks the prints whose cells are under the artist’s own minimum', function () {
    $prints = fn (?string $least): array => $this->postJson('/api/prints', asked(['photo' => ['least_cell' => $least], 'fit' => ['way' => 'crop'], 'grid' => ['school' => 'count', 'columns' => 5]]))->assertOk()->json();
    expect(array_filter(array_column($prints(null), 'too_small')))->toBe([]);
    foreach (array_keys($prints(null)) as $i) {
        expect(array_column($prints('1/8 in'), 'too_small')[$i])->toBeFalse()->and(array_column($prints('5 in'), 'too_small')[$i])->toBeTrue();
    }
});

it('says of a change what it touches of what was made by hand, beside the way back', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'points' => [['name' => 'wick', 'x' => '0.02', 'y' => '1/2']]]);
    $this->putJson("/api/drawings/{$drawing->id}/marking/paper/top-2", ['done' => true])->assertOk();
    $this->putJson("/api/drawings/{$drawing->id}/cells/0/0", ['state' => 'done'])->assertOk();
    $save = function (array $changes) use ($drawing) {
        $now = $this->getJson("/api/drawings/{$drawing->id}")->json();

        return $this->putJson("/api/drawings/{$drawing->id}", ['version' => $now['version'], 'choices' => array_replace_recursive($now['workings']['choices'], $changes)])->assertOk()->json('said');
    };
    expect($save(['title' => 'Another name']))->toBe('')
        ->and($save(['fit' => ['cell' => '1 3/4 in', 'size' => '1/2']]))->toBe('By this change one mark that was made now lies elsewhere; one cell that was done is no whole cell any more; wick is cropped away.')
        ->and($save(['paper' => ['colour' => 'cream']]))->toBe('');
});

it('works out for one rung what is shown on it, the same as for all', function (string $rung, array $left) {
    $choices = ['points' => [['name' => 'chin', 'x' => '0.4', 'y' => '0.7']], 'spans' => [['name' => 'brow', 'x1' => '0.2', 'y1' => '0.3', 'x2' => '0.6', 'y2' => '0.3']]];
    $all = $this->postJson('/api/workings', asked($choices))->assertOk()->json();
    $some = $this->postJson('/api/workings', asked($choices, ['rung' => $rung]))->assertOk()->json();
    foreach ($left as $path) {
        expect(array_filter((array) data_get($some, $path)))->toBe([], $path)->and(array_filter((array) data_get($all, $path)))->not->toBe([], $path);
    }
    expect(Arr::except($some, ['rungs', ...$left]))->toEqual(Arr::except($all, ['rungs', ...$left]));
    foreach ($all['rungs'] as $name => $sums) {
        expect($some['rungs'][$name]['decision'])->toBe($sums['decision']);
        isset($some['rungs'][$rung]) && $name === $rung && expect($some['rungs'][$name])->toEqual($sums);
    }
})->with(function () {
    $shown = [
        'trimming' => ['fit'], 'left_over' => ['fit'], 'typed' => ['fit'], 'trimmed' => ['fit'], 'advice.sentence' => ['paper'], 'guides_off.ways' => ['finish'],
        'across' => ['marks'], 'down' => ['marks'], 'rows_across' => ['marks'], 'rows_down' => ['marks'], 'reaches' => ['marks'],
        'sheet_care.setup' => ['paper', 'marks'], 'sheet_care.kit' => ['paper', 'marks'], 'sheet_care.says' => ['paper', 'marks'], 'sheet_care.advice' => ['paper', 'marks'],
        'carry.ways' => ['paper', 'finish'], 'check.spans' => ['check', 'grid'], 'check.sums' => ['check', 'grid'],
    ];
    foreach (['photo', 'paper', 'fit', 'grid', 'marks', 'copy', 'check', 'tone', 'finish'] as $rung) {
        yield $rung => [$rung, array_keys(array_filter($shown, static fn (array $on): bool => ! in_array($rung, $on, true)))];
    }
});

/*
 * However the picture is held and made to agree with the paper, what is round stays round: as far across as down on the paper itself.
 * Which cells need no copying is judged by places all over each cell.
 */
it('clips to a true circle, or to an oval that touches all sides, and spares the cells outside', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(1900 + $seed));
    $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $shape = ['circle', 'oval', 'circle', 'rectangle'][$seed % 4];
    [$wide, $high] = $one([[1000, 1400], [1400, 1000], [900, 900], [2333, 3517]]);
    $answer = $this->postJson('/api/workings', ['choices' => [
        ...$one([['unit' => 'in'], ['unit' => 'cm', 'ruler' => '1 mm']]),
        'photo' => ['kind' => $print = $one(['print', 'screen'])] + ($print === 'print' ? ['width' => ($wide / 200).' in', 'height' => ($high / 200).' in'] : []) + ['quarters' => $random->getInt(0, 3), 'mirrored' => $one([true, false]), 'straighten' => $one([0, 2.5]), 'border' => ['left' => $one(['0', '3 %'])]],
        'paper' => ['shape' => $shape, 'turn' => $one(['advised', 'upright', 'sideways']), 'margins' => ['top' => '1/4 in', 'right' => $one(['1/4 in', '2 in']), 'bottom' => '1 in', 'left' => '0']],
        'fit' => ['way' => $way = $one(['crop', 'inset', 'cells', 'stretch']), 'lock' => $one(['paper', 'ratio']), 'ratio' => $one(['4:5', '2:1'])] + ($way === 'cells' ? [] : ['inset' => '0.8']),
        'grid' => ['school' => 'proportional', 'columns' => $random->getInt(2, 7), 'rows' => $random->getInt(2, 7)],
    ], 'wide' => $wide, 'high' => $high])->assertOk()->json();
    [$outline, $drawing, $lines] = [$answer['outline'], $answer['drawing'], $answer['lines']];
    if ($shape === 'rectangle') {
        expect($outline)->toBeNull()->and($lines['spared'])->toBe([]);

        return;
    }
    [$across, $down] = [$outline['across'] * $drawing['width']['mm'], $outline['down'] * $drawing['height']['mm']];
    if ($shape === 'oval') {
        expect([$outline['across'], $outline['down']])->toEqual([0.5, 0.5]);
    } else {
        expect($across)->toEqualWithDelta($down, 0.001)->and(max($outline['across'], $outline['down']))->toEqual(0.5);
        // Said in words too, and what the paper would take where that is more.
        $says = implode(' ', $answer['rungs']['fit']['sums']);
        $could = min($answer['usable']['width']['mm'], $answer['usable']['height']['mm']);
        expect($says)->toContain('The circle is '.$answer['drawing'][$drawing['width']['mm'] < $drawing['height']['mm'] ? 'width' : 'height']['amount'].' ')
            ->and(str_contains($says, 'it could be'))->toBe($could - 2 * $across > 0.001);
        // Whole cells that were planned for it fill its box.
        $way === 'cells' && expect($answer['grid']['columns'])->toBe($answer['grid']['rows']);
    }
    $how = static fn (float $x, float $y): float => hypot(($x - 0.5) / $outline['across'], ($y - 0.5) / $outline['down']);
    // What it leaves out is named: a point in the corner, none in the middle.
    $named = Plan::of(ChoicesReader::read(['photo' => ['kind' => 'screen'], 'paper' => ['shape' => $shape], 'fit' => ['way' => 'stretch'], 'points' => [['name' => 'far corner', 'x' => '0.03', 'y' => '0.03'], ['name' => 'heart', 'x' => '0.5', 'y' => '0.5']], 'things' => [['name' => 'leaf', 'outline' => '0.9 0.9, 0.99 0.9, 0.99 0.99, 0.9 0.99', 'boxed' => true], ['name' => 'hedge', 'outline' => '0.3 0.3, 0.98 0.3, 0.98 0.6, 0.3 0.6', 'boxed' => true]]], $wide, $high)->choices);
    expect(implode(' ', (new App\Wording\FitWorkings($named))->warnings()))->toContain('Outside the curve: far corner and leaf. The curve runs through hedge.');
    for ($i = 0, $columns = count($lines['across']) - 1; $i < $columns * (count($lines['down']) - 1); $i++) {
        [$left, $right, $top, $bottom] = [$lines['across'][$i % $columns], $lines['across'][$i % $columns + 1], $lines['down'][intdiv($i, $columns)], $lines['down'][intdiv($i, $columns) + 1]];
        $nearest = INF;
        foreach (range(0, 40) as $n) {
            foreach (range(0, 40) as $m) {
                $nearest = min($nearest, $how($left + ($right - $left) * $n / 40, $top + ($bottom - $top) * $m / 40));
            }
        }
        in_array($i, $lines['spared'], true) ? expect($nearest)->toBeGreaterThan(0.9999) : expect($nearest)->toBeLessThan(1.05);
    }
})->with(seeds(16, 40, 0));
