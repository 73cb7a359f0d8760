<?php

use Facebook\WebDriver\WebDriverKeys;
use Smalot\PdfParser\Parser;
use Tests\Browser\Table;
use Tests\Photos;

/*
 * Marking out step by step, and everything that can be printed instead.
 */

/** A 5 × 7 in print in cells of 1½ in on letter, or by other options, opened at an address under the drawing's own. */
function atThe(string $place, string $options = '--sheet=letter --photo=5x7in --fit=cells --cell=1.5in'): Table
{
    $id = Table::lay()->begin(Photos::make(1000, 1400), "--title=Printed {$options}");

    return Table::lay()->go("/drawing/{$id}/{$place}");
}

/** The sheet that is shown, once it is there; its address. */
function sheetShown(Table $table, string $like): string
{
    return Table::until(fn () => $table->script('const i = document.querySelector("[data-test=sheet]"); return i && i.complete && i.naturalWidth > 0 && i.src.includes(arguments[0]) ? i.src : null', [$like]), "the sheet {$like}");
}

it('shows every sheet before it is printed', function () {
    $table = atThe('print')->see('h2', 'What do you print?');
    foreach (['Photo with grid' => 'gridded', 'The grid on clear film' => 'overlay', 'Edge strips' => 'strips', 'A card with a window' => 'viewfinder', 'Two corners to crop with' => 'corners', 'Strips to fold' => 'folding', 'Full size, to trace' => 'tracing', 'The numbers' => 'plan', 'The printer’s own check' => 'calibration'] as $name => $kind) {
        $table->press($name)->arrive("/drawing/\\w+/print/({$kind})");
        sheetShown($table, "/{$kind}.svg");
    }
    $table->isAccessibleThen('Print')->isQuiet();
});

it('prints what was chosen: look, labels, whole, mirrored, another paper', function () {
    $table = atThe('print/gridded')->see('h2', 'What do you print?');
    sheetShown($table, '/gridded.svg');
    $table->press('as the drawing')->press('outline')->press('mirrored, left and right swapped')->press('with its letters and numbers');
    $src = sheetShown($table, 'look=outline');
    foreach (['at=drawing', 'labels=0', 'mirrored=1'] as $wanted) {
        expect(sheetShown($table, $wanted))->toContain($wanted);
    }
    // At the drawing's size on letter it takes several pages; on one as large as it takes, one.
    $table->see('[data-test=leaf]', 'page 1 of 3')->choose('Its paper', 'one page, as large as it takes');
    sheetShown($table, 'page=own');
    Table::until(fn () => $table->all('[data-test=leaf]') === [], 'a single page');
    expect($table->find('[data-test=print-pdf]')->getAttribute('href'))->toContain('page=own', 'look=outline', 'mirrored=1', 'labels=0');
});

it('says how far a pack of many pages is, and opens it', function () {
    $table = atThe('print/tracing', '--sheet=100x140cm --photo=5x7in --fit=crop --margin=0 --columns=5')->see('[data-test=make-pdf]', 'pages');
    preg_match('/(\d+) pages/', $table->text('[data-test=make-pdf]'), $found);
    expect((int) $found[1])->toBeGreaterThan(30);
    $table->click('[data-test=make-pdf]')->see('[data-test=ready]', "Open the {$found[1]} pages");
    $pdf = (string) file_get_contents($table->address((string) $table->find('[data-test=ready]')->getAttribute('href')));
    expect((new Parser)->parseContent($pdf)->getPages())->toHaveCount((int) $found[1]);
    // Page by page on the board as well.
    $table->press('The next page')->see('[data-test=leaf]', "page 2 of {$found[1]}");
    sheetShown($table, 'leaf=2');
    $table->isQuiet();
});

it('says why a sheet cannot be, and goes on', function () {
    $table = atThe('print/corners', '--sheet=a4 --photo=1000x1400 --columns=4')->see('[data-test=sheet-fault]', 'no print size');
    $table->press('The numbers');
    sheetShown($table, '/plan.svg');
    expect($table->all('[data-test=sheet-fault]'))->toBe([]);
});

it('makes a printer true: kept, its page measured, every later sheet corrected', function () {
    $table = atThe('print/calibration')->see('h2', 'What do you print?');
    $table->write('1. A name for the printer', 'Studio')->press('keep')->see('[data-test=printer-says]', 'Not measured yet');
    expect($table->find('[data-test=calibration]')->getAttribute('href'))->toContain('printer=Studio');
    $table->write('3. Across, 7 in, is', '3 in')->write('Down, 9 in, is', '8 7/8 in')->press('correct this printer')->see('.workings', 'The bar across is 177.8 mm long');
    $table->write('3. Across, 7 in, is', '6 13/16 in')->press('correct this printer')
        ->see('[data-test=printer-says]', 'It prints 2.68 % short across and 1.39 % short down')->isAccessibleThen('Calibration');
    // It is remembered, and goes with the next sheet.
    $table->browser->navigate()->refresh();
    $table->see('h2', 'What do you print?')->press('Edge strips');
    expect(sheetShown($table, '/strips.svg'))->toContain('printer=Studio');
    $table->press('The printer’s own check')->press('Delete Studio');
    Table::until(fn () => $table->all('[data-test=printer-says]') === [], 'the printer to be forgotten');
    $table->isQuiet();
});

it('walks through marking out, ticks off by key and by touch, and keeps it over a reload', function () {
    $table = atThe('marks')->see('[data-test=next]', 'Start marking')->click('[data-test=next]')->see('[data-test=step]', '1. The start corner')->isAccessibleThen('Marking out');
    $table->click('ol.steps li:nth-child(2) a')->see('[data-test=step]', '2. The top edge')->see('[data-test=tick-top-1]', '2');
    $done = fn (): array => $table->texts('.ticks label.done .line');
    $table->key(' ');
    Table::until(fn () => $done() === ['0'], 'the first tick to be made');
    $table->key(WebDriverKeys::PAGE_DOWN);
    Table::until(fn () => $done() === ['0', '1'], 'a pedal to do the same');
    $table->click('[data-test=tick-top-4]');
    Table::until(fn () => $done() === ['0', '1', '4'], 'a touched tick to be made');
    $table->browser->navigate()->refresh();
    $table->see('[data-test=step]', '2. The top edge');
    Table::until(fn () => $done() === ['0', '1', '4'], 'the ticks to be there after a reload');
    $table->key(WebDriverKeys::BACKSPACE);
    Table::until(fn () => $done() === ['0', '1'], 'the last to be taken back');
    // Steps are not a way back each: Back leads to where the walk began.
    $table->browser->navigate()->back();
    $table->arrive('/drawing/\w+/marks');
    $table->see('[data-test=marks]', '1 1/2')->isQuiet();
});

it('goes the other way round for the left hand, from the same corner', function () {
    $table = atThe('marks/paper/top', '--sheet=letter --photo=5x7in --fit=inset --margin=1in --columns=4')->see('[data-test=step]', '2. The top edge')->see('.says', 'its 0 at the top left corner');
    $table->see('ol.steps li:nth-child(5)', 'The left edge')->press('left')->see('ol.steps li:nth-child(5)', 'The right edge')->see('.says', 'its 0 at the top left corner');
    expect((float) $table->find('.zero')->getAttribute('cx'))->toBe(0.0);
    // The hand is remembered.
    $table->browser->navigate()->refresh();
    $table->see('ol.steps li:nth-child(5)', 'The right edge')->press('right')->see('ol.steps li:nth-child(5)', 'The left edge');
});

it('tells a short ruler where it is laid on, and how to fold without one', function () {
    $table = atThe('paper')->see('h2', 'What you draw on');
    $table->thisDrawing()->unfold('Unit and ruler')->write('Its length', '6 in')->kept();
    $table->go(preg_replace('~/paper$~', '/marks/paper/left', $table->path()))->see('[data-test=tick-left-5]', 'laid on again: its 0 at 6 in, read 1 3/4 in')
        ->see('ol.steps', 'In between, for the short ruler');
    $table->press('by folding')->see('[data-test=folding]', 'not 5 by 7')->see('.says h1', '1. In half, side to side')->isAccessibleThen('Folding');
    $table->click('.says h1')->key(WebDriverKeys::ARROW_RIGHT)->see('.says h1', '2. In quarters, side to side')->isQuiet();
})->group('long');

it('halves and thirds every side, and advises a pencil', function () {
    $table = atThe('marks')->see('[data-test=marks]', '1 1/2')->unfold('Halves, thirds, quarters')->see('[data-test=shares]', '3 3/4')->see('[data-test=shares]', '≈ 5/16');
    $table->unfold('How dark a line')->see('[data-test=pencil]', 'H. On paper with tooth')->choose('Drawn on', 'watercolour paper')->kept()->see('[data-test=pencil]', 'n paper with tooth')->see('[data-test=use]', 'rubbed out under pencil');
    // What becomes of the lines follows from what goes over them: it is chosen once.
    $table->go(preg_replace('~/marks$~', '/finish', $table->path()))->choose('What goes over the pencil', 'watercolour')->kept()->go(preg_replace('~/finish$~', '/marks', $table->path()))->unfold('How dark a line')
        ->see('[data-test=pencil]', 'Ticks at the edges only')->isAccessibleThen('Marks, with advice')->isQuiet();
})->group('long');

it('lights a line on both boards, the ladder and the list, wherever it is pointed at', function (string $way, float $x, float $y) {
    $table = atThe('marks')->see('[data-test=marks]', '1 1/2')->press($way);
    $stage = $table->find('.stage');
    // The third line of the paper board, met from its own place on the screen.
    [$left, $top] = $table->script('const r = document.querySelector("[data-test=paper-board] .rule").getBoundingClientRect(); return [r.left + r.width * arguments[0], r.top + r.height * arguments[1]]', [$x, $y]);
    $table->browser->executeScript('arguments[0].dispatchEvent(new PointerEvent("pointermove", { clientX: arguments[1], clientY: arguments[2], bubbles: true }))', [$stage, $left, $top]);
    Table::until(fn () => $table->texts('[data-test=marks] tr.lit th') === ['3'], 'line 3 to light in the list');
    expect($table->all('[data-test=ladder] .rung.lit'))->toHaveCount(1)
        ->and(array_map(fn ($path) => $path->getAttribute('d') !== '', $table->all('path.lit')))->toBe([true, true]);
})->with([
    'down the side' => ['down', 0.3, 3 / 7],
    'across the top' => ['across', 3 / 5, 0.31],
]);

it('shows true size once the screen was held against a ruler', function () {
    $table = atThe('marks')->press('Change look')->see('[data-test=true-size]', '% of the print')->press('Measure this screen')->press('The bar is 4 in long');
    $table->press('Actual size')->see('[data-test=true-size]', '100 % of the print')->isAccessibleThen('True size');
    // A print of 5 in is 5 in wide on a screen with 96 dots to the inch, as headless ones have.
    expect($table->script('return document.querySelector("[data-test=photo-board] image").getBoundingClientRect().width'))->toEqualWithDelta(480, 2);
});

it('lets the photo’s guides follow lines that came out elsewhere', function () {
    $table = atThe('marks', '--sheet=letter --photo=5x7in --fit=inset --columns=4')->see('[data-test=marks] tbody', '1')->unfold('Measured back');
    $labels = array_slice(array_values(array_filter($table->texts('.ticks label'), fn (string $text) => str_starts_with($text, 'line'))), 0, 2);
    foreach ($labels as $i => $label) {
        $table->write($label, ['2 1/4 in', '5 1/2 in'][$i]);
    }
    $table->press('Check the marks')->see('[data-test=measured]', 'too far')->click('[data-test=follow]')->see('[data-test=said]', 'The guides lie where the lines were ruled')->kept()
        ->see('[data-test=marks] tbody tr:nth-child(3)', '5 1/2')->isQuiet();
});
