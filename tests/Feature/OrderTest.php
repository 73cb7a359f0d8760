<?php

use App\Models\KeptPrinter;
use App\Printing\At;
use App\Printing\Look;
use App\Printing\PrintOptions;
use App\Printing\SheetImpossible;
use App\Printing\SheetMaker;
use App\Wire\Printers;
use InchLadder\Measure\Length;
use InchLadder\Measure\Unit;
use InchLadder\Printing\BorderImpossible;
use InchLadder\Printing\PrinterPaperUnknown;
use Tests\Drawings;

/*
 * How a sheet is ordered: which of the printer, its paper and its border holds, and what is left to the sheet.
 */

/** @return array{float, float, float} the order's paper and border in mm */
function paperOf(array $asked, Unit $unit = Unit::Centimetre): array
{
    $printer = PrintOptions::of($asked, $unit)->paper();

    return array_map(fn (Length $length) => round($length->toFloat(), 3), [$printer->paper->width, $printer->paper->height, $printer->border]);
}

it('takes common paper in the drawing’s unit, unless another is said', function (array $asked, Unit $unit, array $paper) {
    expect(paperOf($asked, $unit))->toBe($paper);
})->with([
    'metric' => [[], Unit::Centimetre, [210.0, 297.0, 6.0]],
    'inches' => [[], Unit::Inch, [215.9, 279.4, 6.35]],
    'named' => [['page' => 'a3'], Unit::Inch, [297.0, 420.0, 6.35]],
    'a size, any way round' => [['page' => '400x300mm'], Unit::Inch, [300.0, 400.0, 6.35]],
    'a border in the drawing’s unit' => [['border' => '1'], Unit::Centimetre, [210.0, 297.0, 10.0]],
    'a border in another' => [['border' => '1/2 in'], Unit::Centimetre, [210.0, 297.0, 12.7]],
    'no border' => [['border' => '0'], Unit::Centimetre, [210.0, 297.0, 0.0]],
]);

it('takes what a kept printer has, and what is said over it', function (array $asked, array $paper) {
    (new Printers(Unit::Centimetre))->keep('Studio', 'a3', '8 mm', '26.5 cm', '38 cm');
    $order = PrintOptions::of(['printer' => 'Studio', ...$asked], Unit::Centimetre);
    expect(paperOf(['printer' => 'Studio', ...$asked]))->toBe($paper)
        // Its correction goes with it, whatever paper is in it.
        ->and($order->paper()->keepsSize())->toBeFalse();
})->with([
    'its own' => [[], [297.0, 420.0, 8.0]],
    'other paper' => [['page' => 'a4'], [210.0, 297.0, 8.0]],
    'another border' => [['border' => '5 mm'], [297.0, 420.0, 5.0]],
]);

it('reads yes and no the ways they are written', function (mixed $written, bool $labels, bool $mirrored) {
    $order = PrintOptions::of(['labels' => $written, 'mirrored' => $written], Unit::Inch);
    expect([$order->labels, $order->mirrored])->toBe([$labels, $mirrored]);
})->with([
    ['1', true, true],
    ['0', false, false],
    ['true', true, true],
    ['no', false, false],
    ['', true, false],
    [null, true, false],
    [['x'], true, false],
]);

it('leaves to the sheet what was not said', function () {
    $order = PrintOptions::of([], Unit::Inch);
    expect([$order->at, $order->look, $order->whole, $order->lines])->toBe([null, Look::Photo, false, false])
        ->and(PrintOptions::of(['at' => 'drawing', 'look' => 'outline'], Unit::Inch)->at)->toBe(At::Drawing)
        ->and(PrintOptions::of(['page' => 'own'], Unit::Inch)->printer)->toBeNull()
        // A sheet that is made of pages needs paper all the same.
        ->and(PrintOptions::of(['page' => 'own'], Unit::Inch)->paper()->paper->width->toFloat())->toBe(215.9);
});

it('refuses what cannot be ordered', function (array $asked, string $class, string $says) {
    expect(fn () => PrintOptions::of($asked, Unit::Inch))->toBeRefused($class, $says);
})->with([
    [['at' => 'moon'], SheetImpossible::class, 'Choose print, page or drawing'],
    [['page' => '5x'], PrinterPaperUnknown::class, 'not a printer’s paper'],
    [['page' => '0x0mm'], PrinterPaperUnknown::class, 'not a printer’s paper'],
    [['printer' => 'Nobody'], SheetImpossible::class, 'No printer is kept'],
    [['border' => '3 in'], BorderImpossible::class, 'under a quarter'],
]);

it('keeps the bars a page was printed with, until paper or border are others', function (array $second, string $down) {
    $printers = new Printers(Unit::Millimetre);
    $printers->keep('Studio', 'a4', '6 mm');
    KeptPrinter::query()->update(['bar_down' => '250 mm']);
    $kept = $printers->keep('Studio', ...$second);
    expect($printers->json($kept)->bar_down)->toBe($down);
})->with([
    'the same' => [['a4', '6 mm', '178 mm', '248 mm'], '250 mm'],
    'another paper' => [['a3', '6 mm', '', ''], '380 mm'],
    'another border' => [['a4', '16 mm', '', ''], '240 mm'],
]);

it('says what a printer makes of lengths', function (string $across, string $down, string $says) {
    $printers = new Printers(Unit::Millimetre);
    expect($printers->json($printers->keep('Studio', 'a4', '6 mm', $across, $down))->says)->toContain($says);
})->with([
    ['', '', 'Not measured yet'],
    ['180 mm', '260 mm', 'It keeps the size.'],
    ['174.6 mm', '260 mm', '3 % short across and true down'],
    ['181.8 mm', '254.8 mm', '1 % long across and 2 % short down'],
]);

it('throws away files that nobody fetched within the hour', function () {
    $old = SheetMaker::shelf().'/old';
    $new = SheetMaker::shelf().'/new';
    touch($old, time() - 3700);
    touch($new);
    SheetMaker::shelf();
    expect([is_file($old), is_file($new)])->toBe([false, true]);
});

it('says in the stream what went wrong, when a page cannot be made after all', function () {
    $drawing = Drawings::begin();
    // The original is gone from the disk while the pack is made.
    $sha = $drawing->photo->sha256;
    $path = config('inch.data').'/photos/'.substr($sha, 0, 2)."/{$sha}";
    rename($path, "{$path}.away");
    $lines = array_map(fn (string $line) => json_decode($line, true), explode("\n", trim($this->post("/api/drawings/{$drawing->id}/sheets/tracing.pdf?page=a4")->assertOk()->streamedContent())));
    rename("{$path}.away", $path);
    expect(end($lines)['trouble'] ?? '')->toStartWith('The sheet could not be made')
        ->and(array_filter($lines, fn (array $line) => isset($line['ready'])))->toBe([]);
});

it('rehearses any sheet, and refuses what the simulated printer cannot be', function (string $path, int $status) {
    $drawing = Drawings::begin();
    $this->getJson("/api/drawings/{$drawing->id}/rehearsal/{$path}")->assertStatus($status);
})->with([
    ['gridded?at=print&page=a4', 200],
    ['strips?page=a4&leaf=2', 200],
    ['strips?page=a4&leaf=99', 422],
    ['gridded?shrink=9', 422],
    ['gridded?skew=90', 422],
    ['poster', 422],
]);

it('lists every sheet with its name, its use, and what can be chosen about it', function () {
    $printed = $this->getJson('/api/catalogue')->assertOk()->json('printed');
    expect(array_column($printed, 'key'))->toBe(['gridded', 'overlay', 'strips', 'viewfinder', 'corners', 'folding', 'tracing', 'contour', 'study', 'corrections', 'tones', 'swatches', 'plan', 'calibration'])
        ->and(array_unique(array_map(fn (array $kind) => str_ends_with($kind['what'], '.'), $printed)))->toBe([true])
        ->and(array_column($printed, 'takes', 'key')['plan'])->toBe(['mirrored']);
});

it('prints the plan mirrored: pictures swapped, and where to measure from', function () {
    $drawing = Drawings::begin([...Drawings::FIVE_BY_SEVEN, 'title' => 'Back to front']);
    $words = fn (array $asked) => Tests\Sheets::words(Tests\Sheets::leaves($drawing, 'plan', $asked)->page(0));
    expect($words(['mirrored' => '1']))->toContain('measure across from the right edge')
        ->and($words([]))->not->toContain('right edge');
    $quarter = fn (array $asked, float $x) => Tests\Photos::quarter(Tests\Photos::colourAt(array_values(array_filter(Tests\Sheets::leaves($drawing, 'plan', $asked)->page(0)->marks, fn ($mark) => $mark instanceof App\Printing\Picture))[0]->jpeg, $x, 0.1));
    expect([$quarter([], 0.1), $quarter(['mirrored' => '1'], 0.1)])->toBe([0, 1]);
});
