<?php

use App\Documents\ChoicesReader;
use App\Imaging\Decoder;
use App\Imaging\ImageFormat;
use App\Imaging\PhotoContours;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use InchLadder\Copying\Cell;
use InchLadder\Copying\CellAnalysis;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\Place;
use InchLadder\Copying\Side;
use InchLadder\Plan\Plan;
use Tests\Accuracy;
use Tests\Photos;

/*
 * What is seen of a photo, together with everything else that can be chosen.
 */

/**
 * Ways of holding, cropping and ruling a photo, drawn at random.
 *
 * @return array<string, mixed>
 */
function anyWay(): array
{
    $any = fn (mixed ...$of): mixed => $of[mt_rand(0, count($of) - 1)];
    $straighten = $any(0, 0, 2.5, -3.2, 0.4);

    return [
        'photo' => ['kind' => $any('screen', 'print'), 'width' => '15 cm', 'height' => '21 cm', 'quarters' => $straighten === 0 ? mt_rand(0, 3) : $any(0, 2), 'mirrored' => $any(true, false), 'straighten' => $straighten, 'border' => $any(null, ['top' => '5 %', 'right' => '2 %', 'bottom' => '0', 'left' => '7 %']) ?? ['top' => '0', 'right' => '0', 'bottom' => '0', 'left' => '0'], 'part' => $any(null, null, ['left' => '0.1', 'top' => '0.2', 'width' => '0.6'])],
        ...$any(['unit' => 'in', 'ruler' => '1/16 in'], ['unit' => 'in', 'ruler' => '1/32 in'], ['unit' => 'cm', 'ruler' => '1 mm'], ['unit' => 'cm', 'ruler' => '0.5 mm']),
        'fit' => $any(['way' => 'crop'], ['way' => 'stretch'], ['way' => 'crop', 'lock' => 'free', 'left' => '0.1', 'top' => '0.2', 'width' => '0.7', 'height' => '0.55'], ['way' => 'crop', 'size' => '0.6']),
        'grid' => $any(['school' => 'count', 'columns' => mt_rand(2, 9)], ['school' => 'proportional', 'columns' => 5, 'rows' => 7], ['school' => 'thirds'], ['school' => 'main', 'main_across' => ['0.3', '0.61'], 'main_down' => ['0.45']], ['school' => 'measure', 'cell' => '4 cm']),
    ];
}

it('tells both cells at a side the same, whatever was chosen', function (int $number) {
    mt_srand($number);
    $photo = app(PhotoStore::class)->take(database_path('demo/potting-bench.jpg'));
    $plan = Plan::of(ChoicesReader::read(anyWay(), $photo->width, $photo->height)->choices);
    $cells = $plan->layout->grid->cells();
    $grid = ContoursInGrid::of(app(PhotoContours::class)->inCells($photo, $plan->layout), $plan->layout);
    $seen = $grid->all();
    $sides = [];
    $told = 0;
    for ($number = 0; $number < $cells->columns * $cells->rows; $number++) {
        $place = Place::at($number, $cells);
        // Seen by itself, a cell is as it is among all.
        $alone = $grid->cell($place);
        expect(count($alone->runs))->toBe(count($seen[$number]->runs ?? []));
        $analysis = CellAnalysis::of($alone, Cell::of($plan->layout, $place)->paper, $plan->choices->notation->ruler);
        foreach (Side::cases() as $side) {
            $line = match ($side) {
                Side::Left => "c{$place->column} {$place->row}", Side::Right => 'c'.($place->column + 1)." {$place->row}",
                Side::Top => "r{$place->row} {$place->column}", Side::Bottom => 'r'.($place->row + 1)." {$place->column}",
            };
            $sides[$line][] = array_map(fn (Crossing $crossing): string => sprintf('%.5f %s %s', $crossing->at, $crossing->paper->reading->exact(), $crossing->width?->exact()), array_values(array_filter($analysis->crossings, fn (Crossing $crossing): bool => $crossing->side === $side)));
        }
        foreach ($analysis->contours as $contour) {
            $told++;
            foreach ($contour->path as [$x, $y]) {
                expect(min($x, $y))->toBeGreaterThanOrEqual(0)->and(max($x, $y))->toBeLessThanOrEqual(1);
            }
        }
    }
    foreach ($sides as $line => $both) {
        expect(count($both) === 1 ? $both[0] : $both[1])->toBe($both[0], $line);
    }
    expect($told)->toBeGreaterThan(5);
})->with(seeds(5, 14));

it('does not see a border that was left off as a contour, nor what lies on the frame', function (float $beside, array $held) {
    // White, 60 pixels wide about a grey picture with one dark bar from top to bottom; the border is set so many pixels beside it.
    $image = new Imagick;
    $image->newImage(1200, 900, '#ffffff');
    $draw = new ImagickDraw;
    foreach ([['#8c8c8c', 60, 60, 1139, 839], ['#202020', 500, 60, 620, 839]] as [$colour, $left, $top, $right, $bottom]) {
        $draw->setFillColor($colour);
        $draw->rectangle($left, $top, $right, $bottom);
    }
    $image->drawImage($draw);
    $image->setImageFormat('png');
    $photo = app(PhotoStore::class)->take(Photos::file($image->getImageBlob(), '.png'));
    $turned = ($held['photo']['quarters'] ?? 0) % 2 === 1;
    [$across, $down] = array_map(fn (int $side): string => round(100 * (60 + $beside) / $side, 3).' %', $turned ? [900, 1200] : [1200, 900]);
    $plan = Plan::of(ChoicesReader::read(array_replace_recursive([
        'photo' => ['kind' => 'screen', 'border' => ['left' => $across, 'right' => $across, 'top' => $down, 'bottom' => $down]], 'grid' => ['school' => 'proportional', 'columns' => 4, 'rows' => 3],
        'fit' => ['way' => 'stretch'],
    ], $held), $photo->width, $photo->height)->choices);
    $grid = ContoursInGrid::of(app(PhotoContours::class)->inCells($photo, $plan->layout), $plan->layout);
    $cells = $plan->layout->grid->cells();
    $longest = 0.0;
    foreach ($grid->all() as $number => $seen) {
        $place = Place::at($number, $cells);
        foreach ($seen->runs as $run) {
            [$wide, $high] = array_map(fn (int $axis): float => max(array_column($run->path, $axis)) - min(array_column($run->path, $axis)), [0, 1]);
            // Nothing but the bar's two sides, which run along the picture's own.
            $longest = max($longest, $wide * $high > 0.001 ? 1.0 : 0.0, min($wide, $high));
            expect($turned ? $wide : $high)->toBeGreaterThan(0.9, "{$place->column} {$place->row}");
        }
    }
    expect(array_sum(array_map(fn ($seen) => count($seen->runs), $grid->all())))->toBe($turned ? 8 : 6)->and($longest)->toBeLessThan(0.05);
})->with([0.0, 1.5, -1.5, 3.0])->with(['as it is' => [[]], 'turned' => [['photo' => ['quarters' => 1], 'grid' => ['columns' => 4, 'rows' => 4]]], 'mirrored' => [['photo' => ['mirrored' => true]]]]);

it('sees the same in a picture of any kind of file', function (string $format, Closure $as) {
    $image = new Imagick(Photos::make(620, 420, 'png'));
    $as($image);
    $path = Photos::file('', ".{$format}");
    $image->writeImage("{$format}:{$path}");
    // Four quarters meet in the middle: their sides cross every line of the grid on the way.
    $told = (new Accuracy($path, 5))->told();
    expect($told)->toHaveCount(11);
    foreach ($told as $line => $places) {
        foreach ($places as $place) {
            expect($place)->toEqualWithDelta($line[0] === 'c' ? 210 : 310, 0.5);
        }
    }
})->with([
    'PNG' => ['png', fn () => null],
    'PNG to be seen through' => ['png', fn (Imagick $image) => $image->setImageAlphaChannel(Imagick::ALPHACHANNEL_OPAQUE) && $image->setOption('png:color-type', '6')],
    'PNG of 16 bits' => ['png', fn (Imagick $image) => $image->setImageDepth(16) && $image->setOption('png:bit-depth', '16')],
    'PNG of few colours' => ['png', fn (Imagick $image) => $image->setImageType(Imagick::IMGTYPE_PALETTE)],
    'JPEG in colours for print' => ['jpeg', fn (Imagick $image) => $image->transformImageColorspace(Imagick::COLORSPACE_CMYK)],
    'WebP to be seen through' => ['webp', fn (Imagick $image) => $image->setImageAlphaChannel(Imagick::ALPHACHANNEL_OPAQUE) && $image->setImageCompressionQuality(95)],
    'AVIF' => ['avif', fn (Imagick $image) => $image->setImageCompressionQuality(95)],
]);

it('sees the same in a photo however the camera stored it', function (int $orientation) {
    $stored = Photos::make(620, 420, 'jpeg', $orientation);
    $upright = Photos::file('', '.png');
    (new Decoder)->decode($stored, ImageFormat::Jpeg)->writeImage("png:{$upright}");
    [$one, $other] = [(new Accuracy($stored, 5))->told(), (new Accuracy($upright, 5))->told()];
    ksort($one);
    ksort($other);
    expect(array_keys($one))->toBe(array_keys($other))->and($one)->not->toBe([]);
    foreach ($one as $line => $places) {
        sort($places);
        sort($other[$line]);
        expect(count($places))->toBe(count($other[$line]));
        foreach ($places as $i => $place) {
            expect($place)->toEqualWithDelta($other[$line][$i], 0.3);
        }
    }
})->with(seeds(3, 8));

it('keeps what was set right with the picture, whatever is turned, and through the archive’s document', function () {
    $photo = app(PhotoStore::class)->take(database_path('demo/potting-bench.jpg'));
    $corrections = [['what' => 'crossing', 'was' => null, 'now' => '0.25 0.5'], ['what' => 'contour', 'was' => '0.3 0.4', 'now' => ''], ['what' => 'contour', 'was' => null, 'now' => '0.1 0.1, 0.2 0.15, 0.3 0.1']];
    $drawing = Drawing::begin($photo, ChoicesReader::read(['photo' => ['kind' => 'screen'], 'copy' => ['corrections' => $corrections]], $photo->width, $photo->height)->json);
    $stored = fn (): array => test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices.copy.corrections');
    expect($stored())->toBe($corrections);
    $turned = test()->postJson('/api/adjust', ['choices' => test()->getJson("/api/drawings/{$drawing->id}")->json('workings.choices'), 'wide' => $photo->width, 'high' => $photo->height, 'act' => 'turn', 'how' => ['by' => 'right']])->assertOk()->json('choices');
    expect($turned['copy']['corrections'])->toBe($corrections);
    test()->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => [...$turned, 'copy' => [...$turned['copy'], 'corrections' => [['what' => 'crossing', 'was' => null, 'now' => '0.1']]]]])->assertStatus(422);
    test()->putJson("/api/drawings/{$drawing->id}", ['version' => 1, 'choices' => [...$turned, 'copy' => [...$turned['copy'], 'corrections' => array_fill(0, 401, $corrections[0])]]])->assertStatus(422);
    expect($stored())->toBe($corrections);
});
