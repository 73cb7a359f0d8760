<?php

use App\Models\Drawing;
use App\Printing\Format;
use App\Printing\Line;
use App\Printing\Page;
use InchLadder\Grid\LineColour;
use Smalot\PdfParser\Parser;
use Symfony\Component\Process\Process;
use Tests\Drawings;
use Tests\Pdf;
use Tests\Sheets;

function sheet(Drawing $drawing, string $at, ?string $page = null): Page
{
    return Sheets::leaves($drawing, 'gridded', ['at' => $at, 'page' => $page])->page(0);
}

it('prints gridlines where the marks are, to a tenth of a millimetre', function (string $at, float $cell) {
    $pdf = Sheets::bytes(Format::Pdf, sheet(Drawings::begin(), $at, 'own'));
    [$across, $down] = Pdf::ruled(Pdf::strokes($pdf), 105);
    expect($across)->toHaveCount(6)->and(count($down))->toBeGreaterThanOrEqual(8);
    foreach ($across as $i => $x) {
        expect($x)->toEqualWithDelta($i * $cell, 0.1);
    }
    foreach (array_slice($down, 0, 8) as $i => $y) {
        expect($y)->toEqualWithDelta($i * $cell, 0.1);
    }
})->with([
    'at print size, 1 in cells' => ['print', 25.4],
    'at the drawing’s size, 1½ in cells' => ['drawing', 38.1],
]);

it('fits a page, keeps the shape, and stays inside what printers can print', function (string $page, float $width, float $height) {
    $sheet = sheet(Drawings::begin(), 'page', $page);
    expect([$sheet->width, $sheet->height])->toEqualWithDelta([$width, $height], 0.001);
    foreach ($sheet->marks as $mark) {
        if ($mark instanceof Line) {
            expect(min($mark->x1, $mark->x2, $mark->y1, $mark->y2))->toBeGreaterThanOrEqual(6)
                ->and(max($mark->x1, $mark->x2))->toBeLessThanOrEqual($width - 6 + 0.001)
                ->and(max($mark->y1, $mark->y2))->toBeLessThanOrEqual($height - 6 + 0.001);
        }
    }
    [$across, $down] = Pdf::ruled(array_map(fn (Line $l) => [$l->x1, $l->y1, $l->x2, $l->y2], array_values(array_filter($sheet->marks, fn ($m) => $m instanceof Line))), 102);
    expect($down[7] / $across[5])->toEqualWithDelta(7 / 5, 0.001);
})->with([
    ['a4', 210, 297],
    ['letter', 215.9, 279.4],
    ['148x210mm', 148, 210],
]);

it('makes one page for a picture that no page holds, when that is wanted, and says so', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'paper' => ['sheet' => null, 'width' => '2 m', 'height' => '3 m'], 'fit' => ['way' => 'crop']]);
    $pdf = Sheets::bytes(Format::Pdf, sheet($drawing, 'drawing', 'own'));
    $text = (new Parser)->parseContent($pdf)->getText();
    expect($text)->toContain('on a page made for it')->and(Pdf::paper($pdf)[0] * 25.4 / 72)->toBeGreaterThan(1900);
});

it('draws a check bar of its stated length, and says to print at 100 %', function (string $unit, string $ruler, float $length, string $says) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'unit' => $unit, 'ruler' => $ruler]);
    $pdf = Sheets::bytes(Format::Pdf, sheet($drawing, 'print'));
    $lengths = array_map(fn (array $s) => round($s[2] - $s[0], 1), Pdf::strokes($pdf));
    expect($lengths)->toContain($length)
        ->and((new Parser)->parseContent($pdf)->getText())->toContain($says, 'Print at 100 %');
})->with([
    ['in', '1/16 in', 101.6, 'This bar is 4 in long'],
    ['cm', '1 mm', 100.0, 'This bar is 100 mm long'],
]);

it('labels every column and row', function (string $labels, array $across) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'grid' => ['labels' => $labels]]);
    $words = array_map(trim(...), preg_split('/\s+/', (new Parser)->parseContent(Sheets::bytes(Format::Pdf, sheet($drawing, 'print')))->getText()) ?: []);
    expect($words)->toContain(...$across)->toContain('1', '2', '3', '4', '5', '6', '7');
})->with([
    ['letters', ['A', 'B', 'C', 'D', 'E']],
    ['numbers', ['1', '5']],
]);

it('rasters to lines where they belong: read back from the printed page', function () {
    $dpi = 254; // ten dots to the millimetre
    $file = getenv('INCH_DATA').'/raster';
    file_put_contents("{$file}.pdf", Sheets::bytes(Format::Pdf, sheet(Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'grid' => ['colour' => 'rose']]), 'print', 'a4')));
    (new Process(['pdftoppm', '-r', (string) $dpi, '-png', '-singlefile', "{$file}.pdf", $file]))->mustRun();
    $image = new Imagick("png:{$file}.png");
    // A level walk across the second row's middle, counting where the pencil's rose begins.
    $row = $image->exportImagePixels(0, (int) round(10 * (14 + 1.5 * 25.4)), $image->getImageWidth(), 1, 'RGB', Imagick::PIXEL_CHAR);
    $lines = [];
    foreach (array_chunk($row, 3) as $x => [$r, $g, $b]) {
        if ($r > 225 && $g > 60 && $g < 150 && $b > 110 && $b < 200) {
            $lines[intdiv($x, 20)] ??= $x / 10;
        }
    }
    $lines = array_values($lines);
    expect($lines)->toHaveCount(6);
    foreach ($lines as $i => $x) {
        expect($x - $lines[0])->toEqualWithDelta($i * 25.4, 0.11);
    }
});

it('writes the same lines as SVG, and the picture with them', function () {
    $page = sheet(Drawings::begin(), 'print');
    $svg = simplexml_load_string(Sheets::bytes(Format::Svg, $page));
    expect((string) $svg['width'])->toBe(rtrim(rtrim(number_format($page->width, 4, '.', ''), '0'), '.').'mm')
        ->and((string) $svg['viewBox'])->toStartWith('0 0 ');
    $lines = array_values(array_filter($page->marks, fn ($mark) => $mark instanceof Line));
    expect(count($svg->line))->toBe(count($lines));
    foreach ($lines as $i => $line) {
        expect([(float) $svg->line[$i]['x1'], (float) $svg->line[$i]['y2']])->toEqualWithDelta([$line->x1, $line->y2], 0.0001);
    }
    expect((string) $svg->image->attributes('http://www.w3.org/1999/xlink')['href'])->toStartWith('data:image/jpeg;base64,/9j/');
});

it('writes PNG with its resolution, so that it prints at the same size', function (string $size, int $least) {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'paper' => ['sheet' => null, 'width' => explode('x', $size)[0].' cm', 'height' => explode('x', $size)[1].' cm'], 'fit' => ['way' => 'crop']]);
    $page = sheet($drawing, 'drawing');
    $png = Sheets::bytes(Format::Png, $page);
    $image = new Imagick;
    $image->readImageBlob($png);
    expect($image->getImageUnits())->toBe(Imagick::RESOLUTION_PIXELSPERCENTIMETER)
        ->and($image->getImageWidth() / $image->getImageResolution()['x'] * 10)->toEqualWithDelta($page->width, 5.01 / $image->getImageResolution()['x'])
        ->and($image->getImageResolution()['x'] * 2.54)->toBeGreaterThan($least)
        ->and($image->getImageWidth() * $image->getImageHeight())->toBeLessThan(36_500_000);
})->with([
    'a sheet, at 300 dots to the inch' => ['15x21', 299],
    'a wall, with fewer' => ['200x280', 55],
]);

it('prints only the crop, the right part of it, and names no camera', function () {
    $drawing = Drawings::begin(['photo' => ['kind' => 'screen'], 'paper' => ['sheet' => null, 'width' => '10 cm', 'height' => '10 cm', 'margins' => ['top' => '0', 'right' => '0', 'bottom' => '0', 'left' => '0']], 'fit' => ['way' => 'crop', 'left' => 1, 'top' => 1, 'size' => 0.4]]);
    $page = sheet($drawing, 'drawing');
    $jpeg = $page->marks[0]->jpeg;
    foreach ([[0.1, 0.1], [0.9, 0.9]] as [$x, $y]) {
        expect(Tests\Photos::quarter(Tests\Photos::colourAt($jpeg, $x, $y)))->toBe(3);
    }
    expect($jpeg)->not->toContain('Exif');
});

it('serves sheets with their type and a name', function (string $format, string $type) {
    $drawing = Drawings::begin();
    test()->get("/api/drawings/{$drawing->id}/sheets/gridded.{$format}?at=print&page=a4")->assertOk()
        ->assertHeader('Content-Type', $type)->assertHeader('Content-Disposition', "inline; filename=garden-gate-gridded.{$format}");
})->with([
    ['pdf', 'application/pdf'],
    ['png', 'image/png'],
    ['svg', 'image/svg+xml'],
]);

it('answers sheets that cannot be with a sentence', function (string $path, string $says) {
    $drawing = Drawings::begin(['title' => 'x']);
    test()->getJson("/api/drawings/{$drawing->id}/sheets/{$path}")->assertUnprocessable()->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
})->with([
    ['gridded.pdf?at=print', 'no print size'],
    ['gridded.pdf?at=moon', 'Choose print, page'],
    ['mural.pdf', 'There is no sheet'],
    ['gridded.gif', 'should end in'],
    ['gridded.pdf?page=5x', 'not a printer’s paper'],
]);

it('prints every fit with its lines at the fractions of the plan', function (array $choices, string $at) {
    // A colour that nothing else on the page has.
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, ...$choices, 'grid' => [...$choices['grid'] ?? [], 'colour' => 'lemon']]);
    $plan = $drawing->plan();
    $page = sheet($drawing, $at, '60x80cm');
    $picture = $page->marks[0];
    $size = match ($at) {
        'print' => $plan->layout->print,
        'drawing' => $plan->layout->fitted->area,
        default => null,
    };
    if ($size !== null) {
        expect([$picture->place->width, $picture->place->height])->toEqualWithDelta([$size->width->toFloat(), $size->height->toFloat()], 0.001);
    }
    $lines = array_values(array_filter($page->marks, fn ($mark) => $mark instanceof Line && $mark->colour === LineColour::Lemon->css()));
    $upright = array_values(array_filter($lines, fn (Line $line) => $line->x1 === $line->x2));
    expect($upright)->toHaveCount(count($plan->layout->grid->columns));
    foreach ($plan->layout->grid->columns as $i => $fraction) {
        expect($upright[$i]->x1)->toEqualWithDelta($picture->place->x + $fraction->toFloat() * $picture->place->width, 1e-6);
    }
})->with([
    'crop' => [['fit' => ['way' => 'crop', 'left' => 0.1, 'size' => 0.8]]],
    'inset' => [['fit' => ['way' => 'inset', 'inset' => 0.6]]],
    'stretch' => [['fit' => ['way' => 'stretch'], 'grid' => ['school' => 'proportional', 'columns' => 3, 'rows' => 9]]],
    'squares with a remainder' => [['fit' => ['way' => 'crop'], 'grid' => ['school' => 'measure', 'cell' => '1.3 in']]],
])->with([
    'print',
    'page',
    'drawing',
]);
