<?php

use App\Devices\PrinterMisset;
use App\Devices\SimulatedPrinter;
use App\Models\Drawing;
use App\Printing\Format;
use App\Printing\Page;
use Tests\Drawings;
use Tests\Raster;
use Tests\Sheets;

/*
 * Printers shrink. A page is printed, its bars are measured, and what is printed after that is true.
 */

/** @param  Page|iterable<Page>  $pages */
function printed(Page|iterable $pages, SimulatedPrinter $printer, int $leaf = 1): Raster
{
    $file = (string) tempnam(sys_get_temp_dir(), 'inch');
    file_put_contents($file, Sheets::bytes(Format::Pdf, $pages));
    $raster = new Raster($printer->print($file, $leaf));
    unlink($file);

    return $raster;
}

/**
 * What a ruler reads off a calibration page's two bars, to a tenth of a millimetre.
 *
 * @return array{string, string}
 */
function barsRead(Raster $page, string $shrink): array
{
    // Beside each bar a walk meets the frame, its two end ticks, and the frame again.
    $between = function (array $lines): string {
        expect($lines)->toHaveCount(4, json_encode($lines));

        return number_format($lines[2] - $lines[1], 1).' mm';
    };
    [$wide, $high] = $page->size();
    // Where to lay the ruler; what is read there is read off the page.
    [$across, $down] = array_map(floatval(...), explode(',', $shrink));

    return [
        $between($page->across($high / 2 - ($high / 2 - 16) * $down / 100 + 3, Raster::dark())),
        $between($page->down($wide / 2 - ($wide / 2 - 14) * $across / 100 + 3, Raster::dark())),
    ];
}

/** @param  array<string, mixed>  $choices */
function gridPrint(array $choices = []): Drawing
{
    return Drawings::begin(array_replace_recursive([...Drawings::FIVE_BY_SEVEN, 'unit' => 'mm', 'ruler' => '1 mm', 'grid' => ['colour' => 'rose']], $choices));
}

it('comes out as it was sent, from a printer that keeps the size', function () {
    $page = printed(Sheets::leaves(gridPrint(), 'gridded', ['at' => 'print', 'page' => 'a4']), SimulatedPrinter::perfect());
    expect($page->size())->toEqualWithDelta([210, 297], 0.15);
    $lines = $page->across(60, Raster::rose());
    foreach (range(0, 5) as $i) {
        expect($lines[$i] - $lines[0])->toEqualWithDelta($i * 25.4, 0.1);
    }
});

it('shrinks each axis of the feed, sideways pages too', function (array $photo, float $across, float $down) {
    $drawing = gridPrint(['photo' => $photo, 'fit' => ['way' => 'crop', 'cell' => null], 'paper' => ['sheet' => 'a3'], 'grid' => ['school' => 'cross']]);
    $page = printed(Sheets::leaves($drawing, 'gridded', ['at' => 'page', 'page' => 'a4']), SimulatedPrinter::perfect());
    $shrunk = printed(Sheets::leaves($drawing, 'gridded', ['at' => 'page', 'page' => 'a4']), SimulatedPrinter::perfect()->shrinking('97,94'));
    [$wide, $high] = $page->size();
    [$before, $after] = [$page->across($high / 3, Raster::rose()), $shrunk->across($high / 3, Raster::rose())];
    expect(($after[2] - $after[0]) / ($before[2] - $before[0]))->toEqualWithDelta($across, 0.002);
    [$before, $after] = [$page->down($wide / 3, Raster::rose()), $shrunk->down($wide / 3, Raster::rose())];
    expect(($after[2] - $after[0]) / ($before[2] - $before[0]))->toEqualWithDelta($down, 0.002);
})->with([
    'upright' => [['kind' => 'print', 'width' => '100 mm', 'height' => '150 mm'], 0.97, 0.94],
    'sideways' => [['kind' => 'print', 'width' => '150 mm', 'height' => '100 mm'], 0.94, 0.97],
]);

it('is true to a tenth of a millimetre once its bars were measured', function (string $shrink, string $skew, array $photo, string $at) {
    $printer = SimulatedPrinter::perfect()->shrinking($shrink)->skewed($skew);
    $this->postJson('/api/printers', ['name' => 'Studio', 'paper' => 'a4', 'border' => '6 mm', 'unit' => 'mm'])->assertCreated()
        ->assertJsonPath('bar_across', '180 mm')->assertJsonPath('bar_down', '260 mm')->assertJsonPath('measured_across', null);
    $drawing = gridPrint(['photo' => $photo]);
    [$across, $down] = barsRead(printed(Sheets::leaves($drawing, 'calibration', ['printer' => 'Studio']), $printer), $shrink);
    $this->postJson('/api/printers', ['name' => 'Studio', 'paper' => 'a4', 'border' => '6 mm', 'unit' => 'mm', 'measured_across' => $across, 'measured_down' => $down])->assertCreated()
        ->assertJsonPath('says', fn (string $says) => str_contains($says, 'Every sheet is corrected for that'));

    $page = printed(Sheets::leaves($drawing, 'gridded', ['at' => $at, 'printer' => 'Studio']), $printer);
    [$wide, $high] = $page->size();
    $cell = $drawing->plan()->layout->printCell();
    foreach ([[$page->across($high / 2 + 3, Raster::rose()), $cell->width->toFloat()], [$page->down($wide / 2 + 3, Raster::rose()), $cell->height->toFloat()]] as [$lines, $step]) {
        expect(count($lines))->toBeGreaterThanOrEqual(4);
        foreach ($lines as $i => $line) {
            expect($line - $lines[0])->toEqualWithDelta($i * $step, 0.1, json_encode($lines));
        }
    }
})->with([
    'both axes short' => ['97,98', '0', ['width' => '5 in', 'height' => '7 in'], 'print'],
    'askew as well' => ['97,98', '0.3', ['width' => '5 in', 'height' => '7 in'], 'print'],
    'too long across' => ['101,99', '0', ['width' => '5 in', 'height' => '7 in'], 'print'],
    'laid sideways' => ['96,98.5', '0', ['width' => '9 in', 'height' => '6 in'], 'print'],
]);

it('never corrects the calibration page itself', function () {
    $ask = ['name' => 'Studio', 'paper' => 'a4', 'border' => '6 mm', 'unit' => 'mm'];
    $this->postJson('/api/printers', [...$ask, 'measured_across' => '174.6 mm', 'measured_down' => '254.8 mm'])->assertCreated();
    $page = Sheets::leaves(gridPrint(), 'calibration', ['printer' => 'Studio'])->page(0);
    expect(array_map(fn (array $l) => round(hypot($l[2] - $l[0], $l[3] - $l[1]), 3), Sheets::lines($page, fn () => true)))->toContain(180.0, 260.0);
    // And the bars stay those of the page that was measured.
    $this->getJson('/api/printers?unit=mm')->assertOk()->assertJsonPath('0.bar_across', '180 mm')->assertJsonPath('0.measured_across', '174.6 mm');
});

it('leaves its border blank', function () {
    $pdf = (string) tempnam(sys_get_temp_dir(), 'inch');
    file_put_contents($pdf, Sheets::bytes(Format::Pdf, Sheets::leaves(gridPrint(), 'calibration', ['page' => 'a4', 'border' => '6 mm'])));
    $frame = fn (float $border) => (new Raster(SimulatedPrinter::perfect()->bordered($border)->print($pdf)))->across(200, Raster::dark());
    // The frame at 6.2 mm is there when the border is as was said, and gone when it is wider.
    expect($frame(6)[0])->toEqualWithDelta(6.2, 0.1)->and($frame(8)[0])->toBeGreaterThan(12);
    unlink($pdf);
});

it('keeps printers under their names, one each, and forgets them', function () {
    $ask = ['paper' => 'a4', 'border' => '1/4 in', 'unit' => 'in'];
    $this->postJson('/api/printers', ['name' => 'Studio', ...$ask])->assertCreated();
    $this->postJson('/api/printers', ['name' => 'Office', ...$ask, 'paper' => 'letter'])->assertCreated();
    $id = $this->postJson('/api/printers', ['name' => 'Studio', ...$ask, 'border' => '5 mm'])->assertCreated()->json('id');
    $this->getJson('/api/printers?unit=mm')->assertJsonPath('*.name', ['Office', 'Studio'])->assertJsonPath('1.border', '5 mm');
    $this->deleteJson("/api/printers/{$id}")->assertNoContent();
    $this->getJson('/api/printers')->assertJsonCount(1);
});

it('refuses what no printer is, and keeps nothing', function (array $typed, string $field, string $says) {
    $this->postJson('/api/printers', ['name' => 'Studio', 'paper' => 'a4', 'border' => '6 mm', 'unit' => 'mm', ...$typed])->assertUnprocessable()
        ->assertJsonPath('errors', fn (array $errors) => array_keys($errors) === [$field] && str_contains($errors[$field][0], $says));
    $this->getJson('/api/printers')->assertJsonCount(0);
})->with([
    'no name' => [['name' => ' '], 'printer.name', 'up to 60 letters'],
    'no paper' => [['paper' => 'moon'], 'sheet', 'not a printer’s paper'],
    'a border of half the paper' => [['border' => '10 cm'], 'printer.border', 'under a quarter'],
    'a border in words' => [['border' => 'thin'], 'length', 'thin'],
    'one bar only' => [['measured_across' => '179 mm'], 'printer.measured_down', 'Measure both bars'],
    'a bar of another page' => [['measured_across' => '90 mm', 'measured_down' => '260 mm'], 'printer.measured_across', 'The bar across is 180 mm long'],
]);

it('prints from the command line, and says what is wrong', function () {
    $file = getenv('INCH_DATA').'/page';
    $drawing = gridPrint();
    Artisan::call('inch:sheet', ['drawing' => $drawing->id, 'kind' => 'calibration', '--page' => 'a4', '--out' => "{$file}.pdf"]);
    expect(Artisan::call('inch:print', ['pdf' => "{$file}.pdf", '--shrink' => '97,98', '--skew' => '0.3', '--out' => "{$file}.png"]))->toBe(0)
        ->and((new Raster((string) file_get_contents("{$file}.png")))->size())->toEqualWithDelta([210, 297], 0.15)
        ->and(Artisan::call('inch:print', ['pdf' => "{$file}.pdf", '--shrink' => 'some', '--out' => "{$file}.png"]))->toBe(1)
        ->and(Artisan::call('inch:print', ['pdf' => "{$file}.pdf", '--page' => '2', '--out' => "{$file}.png"]))->toBe(1)
        ->and(Artisan::call('inch:print', ['pdf' => "{$file}.png", '--out' => "{$file}.png"]))->toBe(1);
});

it('cannot be set to what no printer does', function (Closure $set, string $says) {
    expect($set)->toBeRefused(PrinterMisset::class, $says);
})->with([
    [fn () => SimulatedPrinter::perfect()->shrinking('20'), 'no shrink'],
    [fn () => SimulatedPrinter::perfect()->shrinking('97,98,99'), 'no shrink'],
    [fn () => SimulatedPrinter::perfect()->skewed('45'), 'no skew'],
    [fn () => SimulatedPrinter::perfect()->skewed('left'), 'no skew'],
]);

it('is rehearsed on millimetre paper', function () {
    $png = $this->get('/api/drawings/'.gridPrint()->id.'/rehearsal/calibration?page=a4&shrink=97,98')->assertOk()->assertHeader('Content-Type', 'image/png')->content();
    // The paper's centimetre lines are true, whatever the printer does.
    $lines = (new Raster($png))->across(150.5, fn (int $r, int $g, int $b) => $b - $r > 110);
    expect(count($lines))->toBeGreaterThan(15);
    foreach ($lines as $line) {
        expect(abs($line / 10 - round($line / 10)))->toBeLessThan(0.02, json_encode($lines));
    }
});
