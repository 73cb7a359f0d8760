<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Hand;
use Tests\Browser\Table;
use Tests\Photos;

/*
 * The ways hands go about it: keys alone, a dropped file, another tab, a very large photo.
 */

/** Begins a drawing by the command line and opens it at a rung. */
function begin(string $photo, string $options, string $rung): Table
{
    $id = Table::lay()->begin($photo, "--title=Hands {$options}");

    return Table::lay()->go("/drawing/{$id}/{$rung}");
}

it('reaches everything by keyboard alone', function () {
    $table = begin(Photos::make(900, 600), '--sheet=letter --photo=6x4in --columns=4', 'grid')->see('nav', '4 ×');
    $table->unfold('Exact count or size')->unfold('Labels, lines and old grids')->script('document.activeElement.blur(); document.querySelector(".strip").scrollIntoView()');
    $reached = [];
    for ($i = 0; $i < 70; $i++) {
        $table->key(WebDriverKeys::TAB);
        $focused = $table->script('const e = document.activeElement; return [e.tagName, (e.ariaLabel || e.innerText || e.value || "").trim().split("\n")[0], getComputedStyle(e).outlineStyle !== "none" || getComputedStyle(e.closest("label") ?? e.closest(".el-input__wrapper") ?? e).outlineStyle !== "none" || !!e.closest(".el-input__wrapper, .el-select__wrapper")]');
        if ($focused[0] === 'BODY') {
            break;
        }
        expect($focused[2])->toBeTrue("{$focused[1]} shows no sign of focus");
        $reached[] = $focused[1];
    }
    expect($reached)->toContain('My drawings', 'Photo', 'Paper', 'Marks', 'Copy', 'Change look', 'One of the columns more', 'See the marks');
    // Radios turn by arrow keys, and the answer is kept.
    $table->script('document.querySelector("fieldset input[value=letters]").focus()');
    $table->key(WebDriverKeys::ARROW_RIGHT)->see('nav', '1–4')->kept();
});

it('looks closer and back again, both boards together', function () {
    $table = begin(Photos::make(900, 600), '--sheet=letter --photo=6x4in --columns=4', 'grid')->see('nav', '4 ×');
    $table->find('[data-test=paper-board] .sheet');
    $widths = fn (): array => $table->script('return ["[data-test=photo-board] image", "[data-test=paper-board] .sheet"].map((c) => parseFloat(document.querySelector(c).getAttribute("width")))');
    $before = $widths();
    $table->press('Change look')->press('Zoom in')->press('Zoom in');
    expect($widths()[0])->toEqualWithDelta($before[0] * 1.5625, 0.5)
        ->and($widths()[1])->toEqualWithDelta($before[1] * 1.5625, 0.5);
    $table->key('0');
    expect($widths())->toEqualWithDelta($before, 0.01);
    $table->key('+')->press('Fit to window');
    expect($widths())->toEqualWithDelta($before, 0.01);
});

it('insets along the diagonal, and the scale follows', function () {
    $table = begin(Photos::make(900, 600), '--sheet=9x6in --photo=9x6in --fit=inset', 'fit')->see('[data-test=figures]', '×1');
    $table->unfold('Move or resize')->find('.workings .el-slider__button-wrapper')->click();
    foreach (range(1, 50) as $press) {
        $table->key(WebDriverKeys::ARROW_LEFT);
    }
    $table->kept()->see('[data-test=figures]', '×1/2')->see('[data-test=sums]', 'Left over: 4 1/2 in across, 3 in down.');
})->group('long');

it('copies by map, by button and by key, and lifts, turns and thins what is in the way', function () {
    $table = begin(Photos::make(900, 600), '--sheet=letter --photo=6x4in --columns=4', 'copy')->see('[data-test=address]', 'A1');
    $table->script('document.querySelectorAll("[data-test=map] button")[5].click()');
    $table->see('[data-test=address]', 'B2');
    $table->key('u');
    expect($table->all('.held.turned'))->toHaveCount(1);
    $table->see('.head', 'sheet turned too')->key('u')->key('h');
    expect($table->all('.hair'))->toHaveCount(0);
    $table->key('h')->key('l');
    expect($table->all('.photo.lifted'))->toHaveCount(1);
    $table
        ->key('?')
        ->see('[data-test=help]', '⌫')
        ->isAccessible('Copy with its keys')
        ->press('Close');
    expect($table->find('[data-test=more]')->isDisplayed())->toBeFalse();
    $table->key(WebDriverKeys::ARROW_RIGHT)->see('[data-test=address]', 'C2')->key(WebDriverKeys::ARROW_UP)->see('[data-test=address]', 'C1');
    $table->key(WebDriverKeys::ARROW_UP)->see('[data-test=address]', 'C1');
    $table->click('[data-test=empty]')->see('[data-test=address]', 'D1')->see('[data-test=progress]', '1 blank');
    // The rest, to the end: it goes round to what is still open and then says so.
    while (preg_match('/\D0 to go/', $table->text('[data-test=progress]')) !== 1) {
        $before = $table->text('[data-test=progress]');
        $table->key(' ');
        Table::until(fn () => $table->text('[data-test=progress]') !== $before, 'the cell to be noted');
    }
    $table->see('[data-test=line]', 'All done.')->isAccessibleThen('Copy at its end');
});

it('says of a last cell that it is a partial one, and gives it the quarters of its own sides', function () {
    $table = begin(Photos::make(900, 600), '--sheet=8x9in --photo=9x6in --columns=4', 'copy')->see('.head', 'column 1, row 1')->see('[data-test=twin]', '2 in square');
    expect($table->text('.head'))->not->toContain('partial')->and($table->texts('.paper .tick'))->toBe(['1/2', '1', '1 1/2', '1/2', '1', '1 1/2']);
    $table->script('document.querySelector("[data-test=map] button:last-child").click()');
    $table->see('.head', 'column 4, row 5 · a partial cell')->see('[data-test=twin]', '2 × 1 in, 6 in from the left and 8 in from the top of the sheet')->key('q');
    Table::until(fn () => $table->texts('.paper .tick') === ['1/4', '1/2', '3/4', '1/2', '1', '1 1/2'], 'the quarters of the partial cell');
});

it('shows where the edges cross a cell, follows them, and looks at it in every way', function () {
    // Four coloured quarters, 4 × 4 in on 3 × 3 cells: the upright edge halves the top and the bottom of B1.
    $table = begin(Photos::make(800, 800), '--sheet=6x6in --photo=4x4in --columns=3', 'copy/2-1')->see('[data-test=address]', 'B1')->see('[data-test=courses]', 'vertical, straight');
    expect($table->texts('.photo [data-test=crossing]'))->toBe(['1/2', '1/2'])->and($table->texts('.paper [data-test=crossing]'))->toBe(['1 in', '1 in']);
    // Who hears the page has each as a sentence, and none of the short readings twice.
    expect($table->texts('[data-test=crossings-said] li'))->toBe(['At 1/2 of the top side, 1 in from the left on the paper. Exactly 50 %.', 'At 1/2 of the bottom side, 1 in from the left on the paper. Exactly 50 %.'])
        ->and($table->all('[data-test=crossing]:not([aria-hidden])'))->toBe([]);
    $spot = fn (string $board): array => $table->script('const t = document.querySelectorAll(arguments[0] + " [data-test=crossing]")[0].getBoundingClientRect(), c = document.querySelector(arguments[0]).getBoundingClientRect(); return [Math.round(100 * ((t.left + t.right) / 2 - c.left) / c.width), t.bottom <= c.top]', [$board]);
    expect($spot('.photo'))->toBe([50, true])->and($spot('.paper'))->toBe([50, true]);
    $table->key('e')->see('.head', 'At 1/2 of the top side, 1 in from the left on the paper. Exactly 50 %.')->isAccessibleThen('Copy with crossings')->key('e')->key('e')->key('c');
    Table::until(fn () => $table->all('[data-test=contour]') !== [], 'the contour');
    expect($table->texts('.courses [aria-pressed=true]'))->toHaveCount(1)->and($table->all('.paper .tick.lit'))->toHaveCount(2);
    $table->isAccessibleThen('Copy with a contour')->key('u')->see('.head', 'sheet turned too');
    // Upside down, the crossing of the top stands below.
    expect($spot('.paper')[1])->toBeFalse();
    $table->key('u')->key('2');
    // Four cells at once, and no contour in hand; nine are the whole of the picture.
    Table::until(fn () => $table->all('[data-test=contour]') === [] && $table->all('.paper .hand') !== [], 'four cells');
    $natural = fn () => $table->script('const i = document.querySelector("[data-test=cell-picture]"); return i && i.complete && !document.querySelector(".wait") && i.naturalWidth');
    Table::until(fn () => $natural() === 533, 'the picture of two by two');
    $table->key('3');
    Table::until(fn () => $natural() === 800, 'the picture of all nine');
    $table->key('s');
    Table::until(fn () => $natural() === 533, 'the cell with half a cell round it');
    $table->isAccessibleThen('Copy, around')->key('s')->key('t');
    Table::until(fn () => str_contains((string) $table->find('[data-test=cell-picture]')->getAttribute('src'), 'greys='), 'the cell in the greys of the tone bar');
    $table->isQuiet();
});

it('keeps a doubt, skips what is blank, and goes the way it is asked', function () {
    $table = begin(Photos::make(900, 600), '--sheet=9x6in --photo=9x6in --columns=5 --rows=3', 'copy')->see('[data-test=address]', 'A1');
    // The edges run down column C, and along row 2: A1 and the other corners look blank.
    $table->key('f')->see('.head', 'flagged')->see('[data-test=doubtful]', 'A1');
    $table->key('n');
    Table::until(fn () => $table->script('return document.activeElement.tagName') === 'INPUT', 'the field');
    // What is typed is words, not keys.
    $table->key("x, and the hinge\n");
    $table->see('[data-test=noted]', 'A1')->see('[data-test=address]', 'A1');
    $table->press('I draw with the left hand')->see('.way', 'right hand');
    $table->click('[data-test=skip-blank]');
    Table::until(fn () => $table->all('[data-test=skip-blank]') === [], 'the blank ones to be skipped');
    $skipped = (int) $table->script('return document.querySelectorAll("[data-test=map] .empty").length');
    expect($skipped)->toBeGreaterThan(0);
    // The way is begun at once: away from the blank cell, to one with most in it.
    $table->choose('Order', 'the hardest cell')->see('.way', 'while the eye is fresh')->kept();
    Table::until(fn () => $table->text('[data-test=address]') !== 'A1', 'the hardest cell');
    $hardest = $table->text('[data-test=address]');
    $table->key(' ')->see('[data-test=progress]', '1 of');
    $after = Table::until(fn () => ($now = $table->text('[data-test=address]')) !== $hardest ? $now : null, 'the next');
    // All of it is there after a reload, the doubt too; and it goes on where this sitting stopped.
    $table->browser->navigate()->refresh();
    $table->see('[data-test=doubtful]', 'A1')->see('[data-test=progress]', "{$skipped} blank")->see('.way', 'while the eye is fresh');
    $table->go(substr($table->path(), 0, (int) strrpos($table->path(), '/copy') + 5))->see('[data-test=address]', $after);
    $table->click('[data-test=noted] button')->see('[data-test=address]', 'A1');
    expect($table->find('.note input')->getAttribute('value'))->toBe('x, and the hinge');
    $table->key('f');
    Table::until(fn () => $table->all('[data-test=doubtful]') === [], 'the doubt to go');
    $table->isQuiet();
});

it('shows the same piece of the photo as the grid has there', function () {
    // Four coloured quarters, four cells: each cell is one colour.
    $table = begin(Photos::make(800, 800), '--sheet=8x8in --photo=8x8in --columns=2', 'copy')->see('[data-test=address]', 'A1');
    foreach ([[0, 'A1'], [1, 'B1'], [2, 'A2'], [3, 'B2']] as [$quarter, $address]) {
        $table->script('document.querySelectorAll("[data-test=map] button")[arguments[0]].click()', [$quarter]);
        $table->see('[data-test=address]', $address);
        $colour = Table::until(fn () => $table->script(<<<'JS'
            const i = document.querySelector('[data-test=cell-picture]')
            if (!i || !i.complete || document.querySelector('.wait')) return null
            const c = document.createElement('canvas'); c.width = c.height = 1
            const g = c.getContext('2d'); g.drawImage(i, i.naturalWidth / 2, i.naturalHeight / 2, 1, 1, 0, 0, 1, 1)
            return [...g.getImageData(0, 0, 1, 1).data].slice(0, 3)
            JS), 'the cell’s picture');
        expect(Photos::quarter($colour))->toBe($quarter);
    }
});

it('takes a photo dropped anywhere on the shelf, with its progress in sight', function () {
    $table = Table::lay()->go('/')->see('h1', 'Inch Ladder');
    $table->find('.boards li');
    $bytes = base64_encode((string) file_get_contents(Photos::make(640, 960)));
    $table->script(<<<'JS'
        const bytes = Uint8Array.from(atob(arguments[0]), (c) => c.charCodeAt(0))
        const data = new DataTransfer()
        const { items } = data
        items.add(new File([bytes], 'allotment_in-june.jpg', { type: 'image/jpeg' }))
        for (const type of ['dragenter', 'dragover', 'drop']) document.body.dispatchEvent(new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }))
        JS, [$bytes]);
    $table->arrive('/drawing/(\w+)/photo');
    $table->see('[data-test=sums]', '640 × 960 pixels');
    $table->see('.title', 'Allotment in june');
});

it('gives a drawing a new name, and takes it back by key', function () {
    $table = begin(Photos::make(900, 600), '--sheet=letter --photo=6x4in', 'photo');
    $table->thisDrawing()->write('Name of the drawing', 'Allotment')->key(WebDriverKeys::ESCAPE);
    $table->kept();
    Table::until(fn () => str_contains($table->browser->getTitle(), 'Allotment'), 'the tab to take the name');
    $table->key('z', Hand::CONTROL);
    $table->see('.title', 'Hands');
    expect($table->find('[data-test=redo]')->isEnabled())->toBeTrue();
});

it('keeps older drawings in sight when another is begun elsewhere', function () {
    $table = Table::lay();
    $ask = fn (string $method, string $path, array $body = []) => json_decode((string) file_get_contents($table->address($path), context: stream_context_create(['http' => ['method' => $method, 'header' => "Content-Type: application/json\r\nAccept: application/json", 'content' => json_encode($body)]])), true);
    $begin = fn () => $ask('POST', '/api/drawings', ['width' => '5 in', 'height' => '7 in'])['id'];
    $made = array_map($begin, range(1, 30));
    try {
        $count = fn (): int => count($table->all('.boards > li'));
        $table->wholeShelf();
        $shown = $count();
        expect($shown)->toBeGreaterThan(30);
        $made[] = $begin();
        Table::until(fn () => $count() === $shown + 1, 'the new one, and all the others with it');
        $table->isQuiet();
    } finally {
        array_map(fn (string $id) => $ask('DELETE', "/api/drawings/{$id}"), $made);
    }
});

it('takes over what another tab saved when the artist comes back to this one', function () {
    $table = begin(Photos::make(900, 600), '--sheet=letter --photo=6x4in --columns=4', 'grid')->see('nav', '4 ×');
    $here = $table->browser->getWindowHandle();
    $address = $table->path();
    $table->browser->switchTo()->newWindow();
    $there = $table->browser->getWindowHandle();
    $table->go($address)->see('nav', '4 ×')->write('Columns', '8')->kept();
    $table->browser->close();
    $table->browser->switchTo()->window($here);
    $table->script('window.dispatchEvent(new Event("focus"))');
    $table->see('nav', '8 ×');
    expect($there)->not->toBe($here);
})->group('long');

it('handles a very large photo and the finest grid', function () {
    $table = begin(Photos::make(7000, 4600), '--sheet=22x30in --turn=advised --columns=60 --rows=60', 'grid')
        ->see('nav', '60 × 60');
    expect(count($table->texts('[data-test=photo-board] .label')))->toBeLessThan(80);
    $table->click('nav li:nth-child(5) a')->see('[data-test=marks]', '60');
    $table->click('nav li:nth-child(6) a')->see('[data-test=address]', 'A1');
    Table::until(fn () => $table->script('const i = document.querySelector("[data-test=cell-picture]"); return i && i.complete && i.naturalWidth > 100'), 'the first cell');
    $table->isQuiet();
})->group('long');

it('has something to say where there is nothing to show', function () {
    $table = Table::lay();
    $binned = [];
    foreach ($table->shelf() as $entry) {
        file_get_contents($table->address("/api/drawings/{$entry['id']}"), false, stream_context_create(['http' => ['method' => 'DELETE']]));
        $binned[] = $entry['id'];
    }
    $table->go('/')->see('main', 'No drawings yet. Add any photo to start.')->isAccessibleThen('An empty shelf');
    foreach ($binned as $id) {
        file_get_contents($table->address("/api/drawings/{$id}/restore"), false, stream_context_create(['http' => ['method' => 'POST', 'content' => '']]));
    }
});

it('sizes the crop and the inset by keys alone', function (string $way, string $grip, string $slider) {
    $table = begin(Photos::make(900, 600), '--sheet=letter --photo=6x4in', 'fit')->press($way)->kept();
    $size = fn (): int => (int) $table->find("[data-test={$grip}]")->getAttribute('aria-valuenow');
    $before = $size();
    $table->script("document.querySelector('[data-test={$grip}]').focus()");
    foreach ([[WebDriverKeys::ARROW_LEFT, -1], [WebDriverKeys::ARROW_LEFT, -2], [WebDriverKeys::ARROW_DOWN, -1]] as [$key, $by]) {
        $table->key($key);
        Table::until(fn () => abs($size() - $before - $by) <= 1 && $size() < $before, "the {$slider} to follow the key");
        $table->kept();
    }
    expect($size())->toBeLessThan($before);
    $table->isQuiet();
})->with([
    'the crop' => ['Fill the paper', 'corner', 'crop'],
    'the whole photo' => ['Whole photo', 'inset-handle', 'inset'],
]);

it('goes closer with two fingers, and holds nothing else meanwhile', function () {
    $table = begin(Photos::make(900, 600), '--sheet=letter --photo=6x4in', 'fit')->press('Fill the paper')->kept();
    $box = fn () => $table->script('const r = document.querySelector("[data-test=crop]"); return ["x", "width"].map((a) => Number(r.getAttribute(a)))');
    [$x, $wide] = $box();
    $middle = $table->script('const r = document.querySelector("[data-test=crop]").getBoundingClientRect(); return [r.left + r.width / 2, r.top + r.height / 2]');
    $touch = fn (string $type, float $apart) => $table->devtools('Input.dispatchTouchEvent', ['type' => $type, 'touchPoints' => $type === 'touchEnd' ? [] : [['x' => $middle[0] - $apart, 'y' => $middle[1], 'id' => 1], ['x' => $middle[0] + $apart, 'y' => $middle[1], 'id' => 2]]]);
    $touch('touchStart', 40);
    foreach ([60, 80, 100] as $apart) {
        $touch('touchMove', $apart);
    }
    $touch('touchEnd', 0);
    Table::until(fn () => $box()[1] > 1.8 * $wide, 'the boards to come closer');
    // The crop itself was not dragged: it is where it was on the photo.
    $share = fn () => $table->script('const c = document.querySelector("[data-test=crop]"); const p = document.querySelector("#photo-clip rect"); return (Number(c.getAttribute("x")) - Number(p.getAttribute("x"))) / Number(p.getAttribute("width"))');
    $moved = $share();
    $table->press('Fit to window');
    Table::until(fn () => abs($box()[1] - $wide) < 1, 'the whole boards');
    expect($share())->toEqualWithDelta($moved, 0.002)->and($box()[0])->toEqualWithDelta($x, 1);
});
