<?php

use App\Models\Drawing;
use App\Printing\Format;
use Illuminate\Http\UploadedFile;
use Tests\Photos;
use Tests\Sheets;

/*
 * What is ruled on the board is ruled in print, to a tenth of a millimetre.
 */

function printedSvg(Drawing $drawing): string
{
    return Sheets::bytes(Format::Svg, Sheets::leaves($drawing, 'gridded', ['at' => 'print', 'page' => 'a4']));
}

/**
 * A 100 × 80 mm print with its grid, printed at its own size.
 *
 * @param  array<string, mixed>  $choices
 * @return array{string, Drawing}
 */
function printedGrid(array $choices): array
{
    $id = test()->post('/api/drawings', ['photo' => new UploadedFile(Photos::make(500, 400), 'p.jpg', null, null, true)])->json('id');
    $drawing = Drawing::query()->findOrFail($id);
    test()->putJson("/api/drawings/{$id}", ['version' => 1, 'choices' => array_replace_recursive([
        'unit' => 'mm',
        'ruler' => '1 mm',
        'photo' => ['kind' => 'print', 'width' => '100 mm', 'height' => '80 mm'],
        'paper' => ['sheet' => 'a4'],
        'fit' => ['way' => 'inset'],
    ], $choices)])->assertOk();

    return [printedSvg($drawing->refresh()), $drawing];
}

/**
 * The coloured strokes of an SVG in mm from the picture's corner, each once.
 *
 * @return list<array{float, float, float, float}>
 */
function strokesOf(string $svg): array
{
    $page = new SimpleXMLElement($svg);
    $image = $page->xpath('//*[local-name()="image"]')[0];
    [$left, $top] = [(float) $image['x'], (float) $image['y']];
    $strokes = [];
    foreach ($page->xpath('//*[local-name()="line"]') as $line) {
        $at = array_map(fn (string $name) => (float) $line[$name], ['x1', 'y1', 'x2', 'y2']);
        $inside = $at[1] - $top <= 80.01 && $at[3] - $top <= 80.01;
        if ($inside) {
            $strokes[] = [round($at[0] - $left, 2), round($at[1] - $top, 2), round($at[2] - $left, 2), round($at[3] - $top, 2)];
        }
    }

    return array_values(array_unique($strokes, SORT_REGULAR));
}

it('prints what each school rules', function (array $grid, array $expected) {
    [$svg] = printedGrid(['grid' => $grid]);
    $strokes = strokesOf($svg);
    foreach ($expected as $stroke) {
        $there = array_filter($strokes, function (array $found) use ($stroke) {
            return max(array_map(fn (float $a, float $b) => abs($a - $b), $found, $stroke)) <= 0.1;
        });
        expect($there)->not->toBe([], json_encode($stroke).' is not among '.json_encode($strokes));
    }
    // The frame's four sides, and nothing that is not expected.
    expect(count($strokes))->toBe(count($expected) + 4);
})->with([
    'thirds' => [['school' => 'thirds'], [
        [33.33, 0, 33.33, 80],
        [66.67, 0, 66.67, 80],
        [0, 26.67, 100, 26.67],
        [0, 53.33, 100, 53.33],
    ]],
    'quarters and diagonals' => [['school' => 'quarters'], [
        [50, 0, 50, 80],
        [0, 40, 100, 40],
        [0, 0, 100, 80],
        [0, 80, 100, 0],
    ]],
    'main lines' => [['school' => 'main', 'main_across' => ['0.37'], 'main_down' => ['5/8']], [
        [37, 0, 37, 80],
        [0, 50, 100, 50],
    ]],
    'one cell in quarters' => [['school' => 'cross', 'divided' => [['column' => 1, 'row' => 0, 'parts' => 4, 'hairlines' => 'in the cell']]], [
        [50, 0, 50, 80],
        [0, 40, 100, 40],
        [62.5, 0, 62.5, 40],
        [75, 0, 75, 40],
        [87.5, 0, 87.5, 40],
        [50, 10, 100, 10],
        [50, 20, 100, 20],
        [50, 30, 100, 30],
    ]],
    'one cell halved, carried on' => [['school' => 'cross', 'divided' => [['column' => 1, 'row' => 0, 'parts' => 2, 'hairlines' => 'run on']]], [
        [50, 0, 50, 80],
        [0, 40, 100, 40],
        [75, 0, 75, 80],
        [0, 20, 100, 20],
    ]],
    'one cell halved, ticked only' => [['school' => 'cross', 'divided' => [['column' => 0, 'row' => 1, 'parts' => 2, 'hairlines' => 'ticks']]], [
        [50, 0, 50, 80],
        [0, 40, 100, 40],
        [25, 40, 25, 42],
        [0, 60, 2, 60],
    ]],
]);

it('prints a grid over its part only', function () {
    [$svg] = printedGrid(['grid' => ['school' => 'cross', 'part' => ['left' => '0.2', 'top' => '0.25', 'width' => '0.4', 'height' => '0.5']]]);
    expect(strokesOf($svg))->toEqualCanonicalizing([
        [20.0, 20.0, 20.0, 60.0],
        [40.0, 20.0, 40.0, 60.0],
        [60.0, 20.0, 60.0, 60.0],
        [20.0, 20.0, 60.0, 20.0],
        [20.0, 40.0, 60.0, 40.0],
        [20.0, 60.0, 60.0, 60.0],
    ]);
});

it('prints focal crosses right across, and no cross that is cropped away', function () {
    [$svg] = printedGrid([
        'grid' => ['school' => 'cross'],
        'points' => [
            ['name' => 'eye', 'x' => '0.3', 'y' => '0.25', 'cross' => true],
            ['name' => 'ear', 'x' => '0.6', 'y' => '0.5', 'cross' => false],
        ],
    ]);
    expect(strokesOf($svg))->toContain([30.0, 0.0, 30.0, 80.0])
        ->toContain([0.0, 20.0, 100.0, 20.0])
        ->not->toContain([60.0, 0.0, 60.0, 80.0]);
});

it('rules in print as heavily as was chosen', function (int $weight, float $width) {
    [$svg] = printedGrid(['grid' => ['school' => 'cross', 'weights' => ['print' => $weight]]]);
    preg_match_all('/stroke-width="([\d.]+)"/', $svg, $found);
    expect(array_map(floatval(...), $found[1]))->toContain($width);
})->with([
    'fine' => [1, 0.15],
    'middling' => [2, 0.25],
    'bold' => [3, 0.5],
]);

it('prints a turned photo turned, at the print’s own size', function () {
    [, $drawing] = printedGrid(['photo' => ['quarters' => 1, 'width' => '80 mm', 'height' => '100 mm'], 'grid' => ['school' => 'cross']]);
    $svg = printedSvg($drawing);
    $image = (new SimpleXMLElement($svg))->xpath('//*[local-name()="image"]')[0];
    expect((float) $image['width'])->toEqualWithDelta(80, 0.1)
        ->and((float) $image['height'])->toEqualWithDelta(100, 0.1);
    $jpeg = new Imagick;
    $jpeg->readImageBlob((string) base64_decode((string) preg_replace('/^data:image\/jpeg;base64,/', '', (string) ($image['href'] ?? $image->attributes('xlink', true)['href']))));
    expect([$jpeg->getImageWidth(), $jpeg->getImageHeight()])->toBe([400, 500]);
});
