<?php

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Table;
use Tests\Photos;

/*
 * The rungs Photo, Paper, Fit and Grid, and the planner, as a person works them.
 */

/** A drawing begun for the test, at a rung. */
function begun(string $options, string $rung, int $wide = 1500, int $high = 1000): Table
{
    $id = Table::lay()->begin(Photos::make($wide, $high), "--title=Rungs {$options}");

    return Table::lay()->go("/drawing/{$id}/{$rung}");
}

/** @return array{int, int} pixels of the picture on the photo board, as it was sent */
function shownPixels(Table $table): array
{
    return Table::until(fn () => $table->script('const i = new Image(); i.src = document.querySelector("[data-test=photo-board] image").href.baseVal; return i.decode().then(() => [i.naturalWidth, i.naturalHeight], () => null)'), 'the picture');
}

it('turns, mirrors and straightens the photo, and takes it back', function () {
    $table = begun('--sheet=letter --photo=6x4in', 'photo')->see('[data-test=sums]', '1500 × 1000 pixels');
    $table
        ->press('↻ right')
        ->kept()
        ->see('[data-test=sums]', '1000 × 1500 pixels')
        ->see('[data-test=sums]', 'turned a quarter clockwise');
    expect($table->field('Width, measured')->getAttribute('value'))->toBe('4 in')
        ->and(shownPixels($table))->toBe([1000, 1500]);
    $table
        ->press('↺ left')
        ->kept()
        ->see('[data-test=sums]', '1500 × 1000 pixels')
        ->press('mirror')
        ->kept()
        ->see('[data-test=sums]', 'The photo is mirrored');
    $table->press('mirror')->kept();

    // A horizon that falls by 1 in 25 to the right: atan(0.04) is 2.29°.
    $table
        ->press('draw a level')
        ->see('[data-test=hint]', 'horizon')
        ->drawOn('[data-test=photo-board] image', [0.1, 0.5], [0.85, 0.545]);
    $table->see('[data-test=sums]', 'straightened 2.29° anticlockwise, which keeps')->kept();
    [$wide, $high] = shownPixels($table);
    expect($wide)->toBeLessThan(1500)->and($wide / $high)->toEqualWithDelta(1.5, 0.01);
    $table->press('all that fits')->kept();
    expect(array_product(shownPixels($table)))->toBeGreaterThan($wide * $high);
    $table->write('Straightened, degrees', 'a lot');
    expect($table->fault('Straightened, degrees'))->toContain('typed in degrees');
    $table->write('Straightened, degrees', '20');
    Table::until(fn () => str_contains($table->fault('Straightened, degrees'), 'Turn the photo by a quarter first'), 'the limit of straightening to be said');
    $table->write('Straightened, degrees', '0')->kept()->see('[data-test=sums]', '1500 × 1000 pixels');
    $table->click('[data-test=undo]')->see('[data-test=sums]', 'straightened 2.29°')->isAccessibleThen('Photo, straightened');
});

it('leaves a border off, by hand and by number, and marks what is not to be drawn', function () {
    $table = begun('--sheet=letter --photo=6x4in --columns=4', 'photo')
        ->unfold('Border')
        ->press('draw round the picture')
        ->drawOn('[data-test=photo-board] image', [0.1, 0.1], [0.9, 0.9]);
    $table->see('[data-test=sums]', 'The border, 36 % of the photo, is no part of the picture')->kept();
    expect(shownPixels($table)[0])->toEqualWithDelta(1200, 12);
    $table->write('border, left', 'half');
    expect($table->fault('border, left'))->toContain('is not a length');
    $table->write('border, left', '85 %');
    $table->see('.workings', 'This border leaves no picture')->write('border, left', '1/2 in')->kept();

    $table
        ->unfold('Not to be drawn')
        ->press('box a part')
        ->drawOn('[data-test=photo-board] image', [0.0, 0.0], [1.0, 0.6])
        ->kept();
    $table->see('.workings', 'cells spared')->isAccessibleThen('Photo, with everything unfolded');
    expect((int) preg_replace('/.*, (\d+) cells spared.*/s', '$1', $table->text('.workings')))->toBeGreaterThan(3);
    $table->click('nav li:nth-child(6) a')->see('[data-test=progress]', 'of');
    expect($table->text('[data-test=address]'))->not->toBe('A1');
});

it('keeps another picture beside, not for measuring, and shows what is in a strip', function () {
    $table = begun('--sheet=letter --photo=6x4in --turn=advised', 'photo')->unfold('Other pictures');
    $table->find('[data-test=beside-file]')->setFileDetector(new LocalFileDetector)->sendKeys(Photos::make(400, 300));
    $table->see('[data-test=beside]', 'not for measuring')->kept()->isAccessibleThen('Photo, another picture');
    $table->click('nav li:nth-child(4) a')
        ->choose('Grid type', 'squares by measure')
        ->write('Side of a square', '3 in')
        ->kept()
        ->unfold('What is in the strip')
        ->see('[data-test=strip]', 'at the right');
    Table::until(fn () => $table->script('const i = document.querySelector("[data-test=strip] img"); return i.complete && i.naturalWidth > 0'), 'the strip');
})->group('long');

it('measures key points, and says how they miss the thirds', function () {
    $table = begun('--sheet=9x6in --photo=6x4in --columns=3 --margin=0', 'photo')
        ->unfold('Key points')
        ->press('add a focal cross')
        ->drawOn('[data-test=photo-board] image', [0.5, 0.25], [0.5, 0.25])
        ->kept();
    $table->write('Name of point 1', 'left eye')->kept()->see('[data-test=photo-board]', 'left eye');
    $table
        ->see('[data-test=key-point]', 'paper 4 1/2 in across, 1 1/2 in down')
        ->see('[data-test=key-point]', '1 1/2 in left of and 1/2 in above the nearest crossing of thirds');
    expect($table->all('[data-test=paper-board] .focal'))->toHaveCount(1);
});

it('places the drawing on the sheet, with all four distances', function () {
    $table = begun('--sheet=letter --photo=6x4in --turn=advised --margin=1/2in', 'fit')
        ->press('Whole photo')
        ->kept()->click('nav li:nth-child(2) a');
    $table->see('[data-test=distances]', '1/2 in');
    expect($table->texts('[data-test=distances] .number'))->toBe(['1/2 in', '1/2 in', '15/16 in', '15/16 in']);
    $table->choose('The drawing lies', 'bottom right')->kept();
    expect($table->texts('[data-test=distances] .number'))->toBe(['1/2 in', '1/2 in', '1 5/16 in', '1/2 in']);
    $table->choose('The drawing lies', 'at my own offsets')->write('From the left edge', '3 in');
    expect($table->fault('From the left edge'))->toContain('run off the sheet');
    $table
        ->write('From the left edge', '1/8 in')
        ->kept()
        ->see('[data-test=warnings]', 'over the margin at the left')
        ->see('[data-test=sums]', 'Left and right differ');
    $table
        ->unfold('Margins and shape')
        ->press('round')
        ->kept()
        ->see('.workings', 'as large as a square fits')
        ->choose('The paper is', 'tan')
        ->kept();
    expect($table->all('[data-test=paper-board] .oval'))->toHaveCount(1)
        ->and($table->all('[data-test=tones] span'))->toHaveCount(5);
    $table->isAccessibleThen('Paper, unfolded');
})->group('long');

it('points out a sheet that is not what it is called, keeps it as own stock, and knows a short ruler', function () {
    $table = begun('--sheet=a4 --photo=10x15cm', 'paper', 1000, 1500)
        ->write('Width, measured', '20.4 cm')
        ->kept()
        ->see('[data-test=warnings]', 'further from A4 than ISO 216 allows')
        ->see('[data-test=sums]', 'the short side is 0.6 cm short');
    $name = 'trimmed pad '.random_int(1, 99999);
    $table
        ->unfold('Save to my papers')
        ->press('keep')
        ->see('.workings', 'Give it a name')
        ->write('Name', $name)
        ->press('keep')
        ->see('.workings', $name);
    $table->choose('Sheet', 'A3')->kept()->see('nav', 'A3')->choose('Sheet', $name)->kept()->see('nav', $name);
    expect($table->field('Width, measured')->getAttribute('value'))->toBe('20.4 cm');
    $table->thisDrawing()->unfold('Unit and ruler')->write('Its length', '0');
    expect($table->fault('Its length'))->toContain('A ruler is 1 in (2.5 cm) long or more');
    $table->write('Its length', '15 cm')->kept()->see('[data-test=sums]', 'a ruler of 15 cm is laid 2 times');
    $table->unfold('Other sheets for this picture')->see('[data-test=others]', 'mine')->isAccessibleThen('Paper, with other sheets');
})->group('long');

it('shows what all four ways cost, and switches without losing the crop', function () {
    $table = begun('--sheet=10x10in --photo=9x6in --margin=0', 'fit')->see('[data-test=losses]', '1 1/2 in');
    $table->drawOn('[data-test=crop]', [0.5, 0.5], [0.8, 0.5])->kept();
    $place = $table->find('[data-test=crop]')->getAttribute('x');
    $table->unfold('Compare the four ways')->see('[data-test=way]:nth-of-type(1)', '33.3 % of the photo is cropped');
    $ways = implode(' ', $table->texts('[data-test=way]'));
    expect($ways)->toContain('50 %, visible')->toContain('Left over: 0 in across, 3 5/16 in down');
    $table->press('Stretch')->kept()->see('[data-test=warnings]', 'Stretched 50 %: visible: a circle is drawn as an oval');
    [$rx, $ry] = array_map(fn (string $r) => (float) $table->find('[data-test=oval]')->getAttribute($r), ['rx', 'ry']);
    expect($rx / $ry)->toEqualWithDelta(2 / 3, 0.01);
    $table->press('Whole photo')->kept()->press('Fill the paper')->kept();
    expect((float) $table->find('[data-test=crop]')->getAttribute('x'))->toEqualWithDelta((float) $place, 0.5);
    $table->isAccessibleThen('Fit, side by side');
});

it('locks the crop to a shape, frees it, and takes its place typed', function () {
    $table = begun('--sheet=10x10in --photo=9x6in --margin=0', 'fit')->press('my own')->kept()->write('Shape', 'tall');
    expect($table->fault('Shape'))->toContain('is not a shape. Write it like 4:5');
    $table->write('Shape', '2:3')->kept()->see('[data-test=figures]', '×1 2/3')->see('[data-test=figures]', '55.6 %');
    $table->unfold('Place the crop')->write('From the left', '1 in')->kept()->see('[data-test=losses]', '1 in, 11.1 %');
    $table
        ->write('From the left', '8 in')
        ->see('[data-test=said]', 'The crop stops at its edge')
        ->kept()
        ->see('[data-test=losses]', '5 in, 55.6 %');
    $table->write('Crop’s width', 'wide');
    expect($table->fault('Crop’s width'))->toContain('is not a length');
    $table
        ->write('Crop’s width', '2 in')
        ->kept()
        ->see('[data-test=sums]', '88.9 % of the photo is cropped')
        ->press('free')
        ->kept()
        ->write('Crop’s width', '50 %')
        ->kept();
    $table->drawOn('[data-test=corner]', [0.9, 0.9], [-2.0, -1.0])->kept();
    expect($table->text('[data-test=figures]'))->toContain('×');
})->group('long');

it('puts a point in the centre as far as the photo allows, and keeps crops side by side', function () {
    $table = begun('--sheet=10x10in --photo=9x6in --margin=0', 'fit')
        ->unfold('Place the crop')
        ->press('Put a point in the centre')
        ->drawOn('[data-test=photo-board] image', [0.4, 0.5], [0.4, 0.5]);
    $table
        ->see('[data-test=said]', 'The point lies in the dead centre.')
        ->kept()
        ->unfold('Saved crops')
        ->press('Save crop')
        ->kept();
    $table
        ->press('Put a point in the centre')
        ->drawOn('[data-test=photo-board] image', [0.1, 0.5], [0.1, 0.5])
        ->see('[data-test=said]', 'The photo ends first')
        ->see('[data-test=said]', 'left of it')
        ->kept();
    $table->press('Save crop')->kept();
    Table::until(fn () => count($table->all('[data-test=kept-crop]')) === 2, 'two kept crops');
    $moved = $table->find('[data-test=crop]')->getAttribute('x');
    $table->press('Reopen crop 1')->kept();
    Table::until(fn () => abs((float) $table->find('[data-test=crop]')->getAttribute('x') - (float) $moved) > 5, 'the first crop');
    $table->press('Change look')->press('thirds')->kept()->isAccessibleThen('Fit, with its helps');
    expect($table->all('[data-test=photo-board] .overlay'))->toHaveCount(2);
})->group('long');

it('sizes an inset along the diagonal, by hand and by number, and knows a false enlargement', function () {
    $table = begun('--sheet=12x12in --photo=6x4in --margin=0', 'fit')->press('Whole photo')->kept()->see('[data-test=figures]', '×2');
    $table->drawOn('[data-test=inset-handle]', [0.5, 0.5], [-5.0, -3.0])->kept();
    expect($table->text('[data-test=figures]'))->not->toContain('×2');
    $table
        ->write('Times larger', '1 1/2')
        ->kept()
        ->see('[data-test=figures]', '×1 1/2')
        ->write('Height of the drawing', '5 in')
        ->kept()
        ->see('[data-test=figures]', '×1 1/4');
    $table->write('Per cent', '500');
    $table
        ->see('.workings', 'The paper takes the whole photo at 12 × 8 in')
        ->write('Width of the drawing', '9 in')
        ->kept()
        ->see('[data-test=figures]', '×1 1/2');
    $table
        ->unfold('Other easy squares')->unfold('Does another size keep the proportions?')
        ->write('Another size', '10 x 8 in')
        ->see('[data-test=enlargement]', '4 in added to both sides is no enlargement.')
        ->see('[data-test=enlargement]', 'In proportion it is 10 × 6 2/3 in, or 12 × 8 in.');
    $table->unfold('Divider settings')->see('[data-test=dividers]', '×2')->isAccessibleThen('Fit, an inset');
})->group('long');

it('finds cells easy on both rulers, takes one up, and takes it back', function () {
    $table = begun('--sheet=letter --photo=5x7in --margin=0', 'fit', 1000, 1400)
        ->unfold('Other easy squares')
        ->see('[data-test=plan]', '5 × 7 squares, 1 in on the photo, 1 1/2 in on the paper.');
    expect($table->all('[data-test=plan]'))->toHaveCount(6);
    $rest = collect($table->texts('.workings .button'))->first(fn (string $words) => preg_match('/^Show \d+ more$/', $words) === 1);
    $table->press($rest);
    Table::until(fn () => count($table->all('[data-test=plan]')) === 6 + (int) substr($rest, 5), 'the rest');
    $table
        ->isAccessibleThen('The planner')->click('[data-test=plan] button')
        ->see('nav', 'whole squares, ×1 1/2')
        ->kept()
        ->see('nav', '5 × 7');
    expect($table->field('Cell on the print')->getAttribute('value'))->toBe('1 in');
    $table->click('[data-test=undo]')->see('nav', 'fill the paper');
    $table->press('Crop nothing')->press('Fill the sheet')->see('[data-test=no-plan]', 'Without “Fill the sheet” there are some.');
    $table->press('Fill the sheet')->see('[data-test=plan]', '1 in on the photo');
});

it('lays every school, compares them, and moves a main line', function () {
    $table = begun('--sheet=9x6in --photo=6x4in --columns=3 --margin=0', 'grid')
        ->unfold('Other grid types')
        ->see('[data-test=school]', '3 lines');
    expect($table->all('[data-test=school]'))->toHaveCount(10);
    $table->unfold('How fine?')->see('[data-test=meshes]', '3 × 2');
    $table->isAccessibleThen('The schools')->press('quarters and diagonals')->kept()->see('nav', '4 lines to rule');
    $table
        ->choose('Grid type', 'folding')
        ->press('8')
        ->kept()
        ->see('nav', '8 × 4')
        ->choose('Grid type', 'axes with ticks')
        ->kept()
        ->see('[data-test=sums]', 'The axes meet 4 1/2 in');
    $table->choose('Grid type', 'own lines')->write('Vertical lines, from the left', '1 in, soon');
    expect($table->fault('Vertical lines, from the left'))->toContain('“soon” is not a length');
    $table->write('Vertical lines, from the left', '1 in, 2 1/2 in')->kept()->see('nav', '3 × 1');

    $table
        ->choose('Grid type', 'main dividing lines')
        ->press('add a level line')
        ->drawOn('[data-test=photo-board] image', [0.5, 0.5], [0.5, 0.5])
        ->kept()
        ->see('[data-test=sums]', 'A horizontal line at 50 %: exactly 1/2.');
    $table->drawOn('[data-test=photo-board] image', [0.3, 0.5], [0.3, 0.62])->kept()->see('[data-test=sums]', 'nearly 5/8');
    $table->press('look for strong lines')->see('.workings', 'strong')->isAccessibleThen('Main lines');
});

it('numbers every cell, counts from the right, cuts one finer, and shares what remains', function () {
    $table = begun('--sheet=8x10in --photo=4x5in --margin=0', 'grid', 1000, 1250)
        ->choose('Grid type', 'squares by measure')
        ->write('Side of a square', '3 in')
        ->kept()
        ->see('[data-test=sums]', 'kept as partial cells');
    $table
        ->choose('Leftover strip', 'shared between')
        ->kept()
        ->see('[data-test=sums]', '1 in of partial cells at both sides')
        ->choose('Leftover strip', 'not drawn')
        ->kept()
        ->see('nav', '2 × 3');
    $table->press('18')->kept();
    Table::until(fn () => $table->texts('[data-test=paper-board] .label') === ['1', '2', '3', '4', '5', '6'], 'the running count');
    $table->unfold('Counted from, laid over')->press('top right')->kept();
    Table::until(fn () => $table->texts('[data-test=paper-board] .label') === ['2', '1', '4', '3', '6', '5'], 'the count from the right');
    $table
        ->press('C4')
        ->kept()
        ->unfold('Finer')
        ->press('quarters')
        ->press('point at a cell')
        ->drawOn('[data-test=photo-board] image', [0.25, 0.2], [0.25, 0.2])
        ->kept();
    $table
        ->see('[data-test=divided]', 'B1 in 4, from the sheet’s edges: 1 3/4, 2 1/2, 3 1/4 across')
        ->isAccessibleThen('Grid, finer');
    $table
        ->press('exact')
        ->press('box it')
        ->drawOn('[data-test=photo-board] image', [0.2, 0.2], [0.6, 0.4])
        ->see('[data-test=said]', 'columns: the boxed thing spans')
        ->kept();
    $table
        ->unfold('Over a part only')
        ->press('box the part')
        ->drawOn('[data-test=photo-board] image', [0.25, 0.25], [0.75, 0.75])
        ->see('[data-test=sums]', 'The grid lies over a part only')
        ->see('[data-test=area-frame]', '')
        ->kept()
        ->press('over all of it again')
        ->kept();
    $table
        ->unfold('Already ruled?')
        ->write('Ruled across', '3')
        ->press('compare')
        ->see('[data-test=ruled]', 'Across: 3 parts are ruled');
    $table->write('Ruled across', '0')->press('compare')->see('.workings', 'at least 1 of its columns');
});

it('checks the frame and the ticks before anything is drawn on them', function () {
    $table = begun('--sheet=letter --photo=5x7in --fit=cells --cell=1.5in', 'marks', 1000, 1400)
        ->unfold('Is the frame square?')
        ->see('[data-test=square]', 'Both diagonals should be 12 7/8 in');
    $table->write('Falling to the right', '13 1/8')->write('Rising to the right', 'long');
    $table
        ->see('.workings', '“long” is not a length')
        ->write('Rising to the right', '12 11/16')
        ->see('[data-test=square]', 'slid 3/8 in to the right')
        ->write('Top edge', '7 3/4')
        ->see('[data-test=square]', 'The top edge is 1/4 in too long')
        ->press('the sheet')
        ->see('[data-test=square]', 'too short');
    $table->unfold('Measured back')->press('Check the marks')->see('.workings', 'Measure two ticks at least');
    foreach (['line 1, 1 3/4 in' => '2', 'line 2, 3 1/4 in' => '3 1/2'] as $tick => $measured) {
        $table->write($tick, $measured);
    }
    $table
        ->press('Check the marks')
        ->see('[data-test=measured]', 'All of them lie 1/4 in too far down')
        ->isAccessibleThen('Marks, checked')->isQuiet();
});

it('begins from sizes alone, and goes as far as the marks and an empty cell', function () {
    $table = Table::lay()->go('/')->see('h1', 'Inch Ladder')->isAccessibleThen('The shelf')->unfold('Start without a photo');
    $type = function (string $width, string $height) use ($table): void {
        foreach (['Original’s width' => $width, 'Original’s height' => $height] as $label => $words) {
            $field = $table->find("input[aria-label='{$label}']");
            $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $field->sendKeys($words);
        }
        $table->press('Start drawing');
    };
    $type('wide', '7 in');
    $table->see('[data-test=trouble]', 'is not a length');
    $type('5 in', '7 in');
    $id = $table->arrive('/drawing/(\w+)/photo');
    $table->see('nav', '5 × 7 in, no photo')->isAccessibleThen('Photo, sizes only');
    $table->click('nav li:nth-child(3) a')
        ->press('Whole squares')
        ->kept()->click('nav li:nth-child(5) a')
        ->see('[data-test=marks]', '2 1/4')->click('nav li:nth-child(6) a')
        ->see('[data-test=address]', 'A1');
    $table->key(' ')->see('[data-test=address]', 'B1');
    $pdf = (string) file_get_contents($table->address("/api/drawings/{$id}/sheets/gridded.pdf?at=print&page=letter"));
    expect($pdf)->toStartWith('%PDF');
    $table->go('/')->see('.boards li:first-child', 'Sizes only')->isQuiet();
});

it('looks at the photo another way, a key each, and the drawing stays as it is', function () {
    $table = begun('--sheet=9x6in --photo=6x4in --columns=3', 'grid')->see('nav', '3 ×');
    $before = $table->text('[data-test=kept]');
    $filter = fn () => $table->script('return document.querySelector("[data-test=photo-board] image").style.filter');
    $table->key('g')->key('k');
    Table::until(fn () => str_contains($filter(), 'grayscale') && str_contains($filter(), 'contrast'), 'the grey');
    $table->key('s');
    Table::until(fn () => str_contains($filter(), '#simple-2'), 'the big masses');
    $table->key('l');
    Table::until(fn () => $table->all('[data-test=photo-board] .rule') === [], 'the lifted grid');
    $table->press('Change look')->isAccessibleThen('Grid, looked at another way');
    foreach (['g', 'k', 's', 'l', 'm'] as $key) {
        $table->key($key);
    }
    Table::until(fn () => $table->script('return document.querySelector("[data-test=photo-board] > g").getAttribute("transform")') !== null, 'the mirrored view');
    $table->key('m');
    expect($table->text('[data-test=kept]'))->toBe($before);
    $table->isQuiet();
});

it('keeps a grid and a ruler under a name, lays them on another drawing, and forgets them', function () {
    $name = 'Portrait '.random_int(1, 99999);
    $table = begun('--sheet=8x10in --photo=4x5in --margin=0', 'grid', 1000, 1250)
        ->choose('Grid type', 'folding')
        ->press('8')
        ->kept()
        ->unfold('Other grid types')->unfold('Grids kept')
        ->write('Keep this grid as', $name)
        ->press('keep')
        ->see('.workings', $name);
    $table = begun('--sheet=10x10in --photo=6x4in --margin=0', 'grid')
        ->see('nav', '6 ×')
        ->unfold('Other grid types')->unfold('Grids kept')
        ->see('.workings', 'Made for the shape 0.8. Here it is 1');
    $table
        ->press($name)
        ->see('nav', '8 × 4')
        ->kept();
    $table->press("Delete {$name}");
    Table::until(fn () => ! str_contains($table->text('.workings'), $name), 'the grid to be forgotten');
    $table->isQuiet();
});

it('copies a cell that is cut finer, skips what is not to be drawn, and brightens a dark one', function () {
    $table = begun('--sheet=9x6in --photo=6x4in --columns=3 --margin=0', 'grid')
        ->unfold('Finer')
        ->press('thirds')
        ->press('point at a cell')
        ->drawOn('[data-test=photo-board] image', [0.5, 0.25], [0.5, 0.25])
        ->see('[data-test=divided]', 'B1 in 3')
        ->kept();
    $table
        ->click('nav li:nth-child(1) a')
        ->unfold('Not to be drawn')
        ->press('box a part')
        ->drawOn('[data-test=photo-board] image', [0.0, 0.0], [0.34, 0.51])
        ->see('.workings', '1 cells spared')
        ->kept();
    $table->click('nav li:nth-child(6) a')->see('[data-test=address]', 'B1')->see('.head', 'cut in 3');
    Table::until(fn () => count($table->all('.cell.photo .hair')) === 2, 'its cuts');
    expect($table->all('.cell.paper .hair'))->toHaveCount(2)
        ->and($table->text('[data-test=progress]'))->toContain('0 of 5 done');
    $table->key('b');
    Table::until(fn () => $table->all('[data-test=cell-picture].brighter') !== [], 'the brighter cell');
    foreach (range(1, 5) as $cell) {
        $table->key(' ')->see('[data-test=progress]', "{$cell} of 5 done");
    }
    $table->see('[data-test=line]', 'All done.')->isAccessibleThen('Copy, done')->isQuiet();
})->group('long');

it('takes the ruler it is given: its marks, its length, and another for the print', function () {
    $name = 'Steel '.random_int(1, 99999);
    $table = begun('--sheet=letter --photo=5x7in --fit=cells --cell=1.5in', 'paper', 1000, 1400)
        ->thisDrawing()->unfold('Unit and ruler')
        ->choose('Ruler’s finest mark', '1/4 in')
        ->write('Its length', '6')
        ->kept()
        ->write('Keep this ruler as', $name)
        ->press('keep')
        ->see('[data-test=drawing-menu]', $name);
    $table
        ->key(WebDriverKeys::ESCAPE)->click('nav li:nth-child(5) a')
        ->see('[data-test=sums]', 'from the sheet’s edge the ruler reaches line 3. Tick where it ends, 6 in');
    $table
        ->click('nav li:nth-child(1) a')
        ->unfold('Ruler on the print')
        ->choose('Its finest mark', '1/32 in')
        ->kept();
    $table
        ->click('nav li:nth-child(2) a')
        ->thisDrawing()->unfold('Unit and ruler')
        ->choose('Ruler’s finest mark', '1/16 in')
        ->kept()
        ->press($name)
        ->see('nav', 'Letter')
        ->kept();
    $table->see('[data-test=drawing-menu]', '1/4 in, 6');
})->group('long');

it('takes a drawing out of the shelf as one file and brings it back', function () {
    $table = begun('--sheet=letter --photo=6x4in --turn=advised', 'copy')->see('[data-test=address]', 'A1');
    $table->key(' ')->see('[data-test=progress]', '1 of');
    $progress = fn (): string => (string) preg_replace('/\s+/', '', $table->text('[data-test=progress]'));
    $decision = $progress();
    preg_match('#/drawing/(\w+)#', $table->path(), $found);
    $id = $found[1];
    expect($table->thisDrawing()->find("a[href='/api/drawings/{$id}/drawing.zip']")->isDisplayed())->toBeTrue();
    $table->go('/')->find('.boards li');
    $address = "/api/drawings/{$id}/drawing.zip";
    $path = sys_get_temp_dir().'/brought-'.bin2hex(random_bytes(4)).'.zip';
    file_put_contents($path, (string) file_get_contents(str_starts_with($address, 'http') ? $address : $table->address($address)));
    $table->choosePhoto($path);
    $id = $table->arrive('/drawing/(\w+)/photo');
    $table->go("/drawing/{$id}/copy")->see('[data-test=progress]', '1 of');
    expect($progress())->toBe($decision);
    file_put_contents($path, 'no longer a zip');
    $table->go('/')->choosePhoto($path)->see('[data-test=trouble]', 'no zip, or a damaged one');
    unlink($path);
});

it('keeps the page still while the workings scroll', function (string $rung) {
    $table = begun('--sheet=letter --photo=6x4in', $rung)->see('nav', 'Letter');
    $table->script('document.querySelector("aside.workings").lastElementChild.scrollIntoView()');
    expect($table->script('return [document.documentElement.scrollTop, document.documentElement.scrollHeight <= innerHeight]'))->toBe([0, true]);
})->with(['photo', 'paper', 'fit', 'grid', 'marks']);

it('shows the same of a rung, however it is come to', function (string $from) {
    $table = Table::lay();
    $id = $table->begin(Photos::make(900, 1200), '--title=Climbed --sheet=letter --photo=3x4in --columns=3');
    $shown = fn (): string => $table->still('return window.asked > 0 || document.querySelector(".wait") ? `${Math.random()}` : document.querySelector("#app").innerText', apart: 250);
    $count = 'window.asked = 0; const ask = window.fetch; window.fetch = (...what) => (window.asked++, ask(...what).finally(() => window.asked--))';
    $counting = $table->devtools('Page.addScriptToEvaluateOnNewDocument', ['source' => $count])['identifier'];
    try {
        // The kit is unfolded where it is seen first in a sitting.
        $table->go("/drawing/{$id}/paper")->see('.ladder', '');
        $shown();
        foreach (['photo', 'paper', 'fit', 'grid', 'marks', 'copy', 'check', 'tone', 'finish'] as $rung) {
            if ($rung !== $from) {
                $table->go("/drawing/{$id}/{$rung}")->see('.strip', '');
                $addressed = $shown();
                $table->go("/drawing/{$id}/{$from}")->see('.ladder', '');
                $shown();
                $table->script('document.querySelector(`.ladder a[href*="/'.$rung.'"]`).click()');
                $table->arrive("/drawing/{$id}/{$rung}.*");
                expect($shown())->toBe($addressed, "{$rung}, from {$from}");
            }
        }
    } finally {
        $table->devtools('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $counting]);
    }
})->with(['marks', 'tone']);
