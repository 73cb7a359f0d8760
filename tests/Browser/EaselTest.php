<?php

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Hand;
use Tests\Browser\Table;

/*
 * The desk beside the easel: without a server, under a finger, by lamp, called out, in masses.
 */

it('goes on at the easel while the server is away, over a reload, and every note arrives once, in order', function () {
    Table::lay()->size(390, 844);
    $table = Table::copied('', '--sheet=14x15in --photo=14x15in --columns=14 --rows=15 --fit=crop');
    $id = explode('/', $table->path())[2];
    $known = fn (): array => json_decode((string) file_get_contents($table->address("/api/drawings/{$id}")), true);
    // A page that came past the browser's worker, as one does that opens while the worker begins, is taken over all the same.
    $table->script('return navigator.serviceWorker.ready.then(() => true)');
    $table->devtools('Page.reload', ['ignoreCache' => true]);
    // The browser keeps what ships, and the cells that come next.
    Table::until(fn () => $table->script('return navigator.serviceWorker.ready.then(async () => { const kept = (await (await caches.open("told")).keys()).map((one) => one.url); return navigator.serviceWorker.controller !== null && kept.filter((one) => one.includes("cut.jpg")).length > 20 && kept.some((one) => one.includes("/copying")) })'), 'the browser to keep it', 240);
    $table->key(' ')->see('[data-test=address]', 'B1');
    Table::until(fn () => count($known()['cells']) === 1, 'the first of them to be kept');
    $edits = $known()['edits'];
    $kept = fn (): string => (string) $table->script('return caches.match(arguments[0], { ignoreVary: true }).then((one) => one.text())', ["/api/drawings/{$id}"]);
    Table::until(fn () => count(json_decode($kept(), true)['cells']) === 1, 'the browser to know of it');
    Table::until(fn () => $table->script('return Object.keys(localStorage).filter((key) => key.startsWith("inch-ladder.by-hand")).every((key) => localStorage.getItem(key) === "[]")'), 'the page to know that it was kept');
    $table->stopServing();
    $table->key(' ')->see('[data-test=trouble]', 'saved on this device')->key(' ')->see('[data-test=address]', 'D1');
    $table->browser->navigate()->refresh();
    // What the server took before it ended is done here as well.
    $table->see('[data-test=address]', 'D1')->see('[data-test=progress]', '3 of 210')->see('[data-test=trouble]', 'Your last 2 changes are saved');
    Table::until(fn () => $table->script('const i = document.querySelector("[data-test=cell-picture]"); return i && i.complete && i.naturalWidth > 0'), 'the cell’s picture, though nobody answers');
    // However little room the sentence leaves, a square cell is square, and lies still.
    foreach ([844, 740, 640, 560] as $high) {
        $table->size(390, $high);
        $seen = $table->still('return [...document.querySelectorAll(".cell")].flatMap((e) => [e.clientWidth, e.clientHeight])', apart: 200);
        expect(max($seen) - min($seen))->toBeLessThanOrEqual(1, "at 390 × {$high}")->and(min($seen))->toBeGreaterThan($high > 700 ? 60 : 40, "at 390 × {$high}");
    }
    $table->size(390, 844);
    // As fast as the keys go, and cells the browser knows nothing of.
    $table->script('return (async () => { for (let i = 0; i < 58; i++) { window.dispatchEvent(new KeyboardEvent("keydown", { key: i % 9 ? " " : "x" })); await new Promise((go) => setTimeout(go)) } })()');
    $table->see('[data-test=trouble]', 'Your last 60 changes')->isAccessibleThen('Copy without a server')->serve();
    Table::until(fn () => count($known()['cells']) === 61, 'all of them to be kept');
    $table->browser->manage()->getLog('browser');
    Table::until(fn () => $table->all('[data-test=trouble]') === [], 'the sentence to go');
    $there = $known();
    expect($there['edits'])->toBe($edits + 60)->and(array_count_values(array_column($there['cells'], 'state')))->toEqual(['done' => 54, 'empty' => 7]);
    // What was done last is taken back first.
    $table->browser->navigate()->refresh();
    $table->see('[data-test=progress]', '7 blank')->size(1280, 800);
    $table->key('z', Hand::CONTROL);
    Table::until(fn () => count($known()['cells']) === 60, 'the last to be taken back');
    $table->isQuiet();
});

it('shows masses before lines: in the place pass by themselves, as straight as is wished, on both boards; and a loupe over them all', function () {
    $table = Table::copied('2-1', '--sheet=9x6in --photo=9x6in --columns=3 --rows=2')->see('[data-test=courses]', 'vertical');
    $outlines = fn (string $where): string => (string) Table::until(fn () => $table->script('return [...document.querySelectorAll(arguments[0] + " [data-test=masses] .outline")].map((path) => path.getAttribute("d")).join("")', [$where]), "outlines in {$where}");
    expect($table->all('[data-test=masses]'))->toBe([]);
    $table->press('or: round the whole in passes');
    // The quarters meet in the middle of this cell: one upright and one level line between four flat shapes.
    expect($outlines('.cell.photo'))->not->toBe('')->and($outlines('.cell.paper'))->toBe($outlines('.cell.photo'));
    expect($table->script('return [...document.querySelectorAll(".cell.photo .mass")].map((path) => path.getAttribute("fill"))'))->toHaveCount(4);
    $table->key('k');
    Table::until(fn () => $table->all('[data-test=masses]') === [], 'the photo again');
    $table->key('k')->isAccessibleThen('Masses in a cell');
    // The pass that follows shows the photo.
    $table->key('z');
    $table->browser->action()->moveToElement($table->find('.cell.photo'), 10, 10)->perform();
    expect(Table::until(fn () => $table->script('const lens = document.querySelector("[data-test=loupe] image"); return lens && lens.getAttribute("transform")'), 'the loupe'))->toContain('scale(3)');
    $table->key('z');
    $drawing = explode('/', $table->path())[2];
    $table->go("/drawing/{$drawing}/grid")->see('nav', '3 × 2');
    $table->script('document.querySelector(".look > .button").click()');
    $table->key('b');
    $before = $outlines('[data-test=paper-board]');
    $table->see('.look', 'Straighten')->isAccessibleThen('Masses on the boards');
    (new WebDriverActions($table->browser))->click($table->find('.look [role=slider][aria-valuemax="5"]'))->sendKeys(null, str_repeat(WebDriverKeys::ARROW_RIGHT, 3))->perform();
    $table->kept();
    Table::until(fn () => json_decode((string) file_get_contents($table->address("/api/drawings/{$drawing}")), true)['workings']['choices']['copy']['straight'] === 5, 'the wish to be kept');
    expect($before)->not->toBe('')->and($outlines('[data-test=photo-board]'))->not->toBe('');
    $table->browser->navigate()->refresh();
    $table->see('nav', '3 × 2');
    expect($outlines('[data-test=paper-board]'))->not->toBe('');
    $table->isQuiet();
});

it('calls out a cell, a sentence for each key, points at what it says, and goes on with the next', function () {
    $table = Table::copied('2-1')->see('[data-test=courses]', 'vertical');
    $said = fn (): string => implode(' ', $table->texts('.twin'));
    $table->key('r')->see('.twin', 'B1');
    $crossings = count($table->all('.photo .tick'));
    expect($crossings)->toBeGreaterThan(1);
    $table->key(' ')->see('.photo .tick.lit', '')->see('.twin', 'Exactly');
    expect($table->all('.photo .tick.lit'))->toHaveCount(1)->and($table->text('[data-test=address]'))->toBe('B1');
    // The pedal is as good; at the contours the dot runs.
    foreach (range(2, $crossings + 1) as $press) {
        $table->key($press % 2 === 0 ? WebDriverKeys::PAGE_DOWN : ' ');
    }
    Table::until(fn () => $table->all('[data-test=contour]') !== [], 'the first contour');
    $table->isAccessibleThen('A cell called out');
    for ($presses = 0; $table->text('[data-test=address]') === 'B1' && $presses < 12; $presses++) {
        $table->key(' ');
    }
    $table->see('[data-test=address]', 'C1')->see('.twin', 'C1')->see('[data-test=progress]', '1 of 6 done')->key('r');
    Table::until(fn () => ! str_contains($said(), 'C1'), 'it to be quiet');
    $table->isQuiet();
});

it('brings up a note where it is pinned to, tells shapes without their names, and how hard an edge is', function () {
    $table = Table::copied('2-1')->see('[data-test=courses]', 'vertical');
    $drawing = explode('/', $table->path())[2];
    $kept = fn (): array => json_decode((string) file_get_contents($table->address("/api/drawings/{$drawing}")), true)['workings']['choices'];
    $table->thisDrawing()->press('Add note');
    $table->find('[data-test=pin-note] input')->sendKeys('darks before lights');
    $table->choose('Show it at', 'Tone')->press('Save note');
    Table::until(fn () => $kept()['pinned'] === [['at' => 'tone', 'words' => 'darks before lights']], 'the note to be kept');
    $table->key('w')->see('[data-test=courses]', 'Hard all along');
    expect($table->all('.cell.photo [data-test=strengths] .edge.hard'))->not->toBe([])->and($table->all('.cell.paper [data-test=strengths] .edge.hard'))->not->toBe([]);
    $table->isAccessibleThen('Edges of a cell')->click('[data-test=naming]');
    Table::until(fn () => $kept()['copy']['naming'] === 'shapes' && $table->all('.held.turned') !== [], 'shapes, turned over');
    $table->go("/drawing/{$drawing}/tone")->see('[data-test=pinned-note]', 'darks before lights')->press('Mark done');
    Table::until(fn () => $kept()['pinned'] === [], 'the note to go');
    $table->kept()->click('[data-test=undo]');
    $table->see('[data-test=pinned-note]', 'darks before lights')->isQuiet();
})->group('long');

it('suggests key points where long lines have none, tells how many measures each takes, and which are firm', function () {
    $table = Table::copied('2-1')->see('[data-test=courses]', 'vertical');
    $drawing = explode('/', $table->path())[2];
    $table->go("/drawing/{$drawing}/photo")->unfold('Key points')->press('suggest points where long lines have none')->see('[data-test=suggested]', 'Take it');
    // Numbered on the photo as in the list.
    $listed = fn (): array => array_map(fn (string $line): array => explode(' · ', $line, 2), $table->texts('[data-test=suggested] li'));
    expect($table->texts('[data-test=might-hold]'))->toBe(array_column($listed(), 0));
    $first = $listed()[0][1];
    $table->press('Take it');
    Table::until(fn () => count($table->all('[data-test=key-point]')) === 1, 'the point');
    // What is held is not suggested again.
    $table->kept()->press('suggest points where long lines have none')->see('[data-test=suggested]', 'Take it');
    expect(array_column($listed(), 1))->not->toContain($first);
    $table->press('Take it');
    $table->see('[data-test=points-table]', 'point 2')->isAccessibleThen('Key points with their table');
    expect($table->all('[data-test=photo-board] .dot.moves'))->toHaveCount(2);
    $table->press('firm');
    Table::until(fn () => count($table->all('[data-test=photo-board] .dot.moves')) === 1, 'a firm one');
    $table->isQuiet();
})->group('long');

it('moves by whole cells under a finger, has an up mark, and takes as much of a tablet as it can', function () {
    $table = Table::copied('2-1')->see('[data-test=courses]', 'vertical');
    $table->devtools('Emulation.setTouchEmulationEnabled', ['enabled' => true, 'maxTouchPoints' => 2]);
    $swipe = function (int $dx, int $dy) use ($table): void {
        [$x, $y] = $table->script('const r = document.querySelector(".cell.photo").getBoundingClientRect(); return [Math.round((r.left + r.right) / 2), Math.round((r.top + r.bottom) / 2)]');
        $table->devtools('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => $x, 'y' => $y]]]);
        foreach ([1, 2, 3] as $step) {
            $table->devtools('Input.dispatchTouchEvent', ['type' => 'touchMove', 'touchPoints' => [['x' => $x + $step * $dx, 'y' => $y + $step * $dy]]]);
        }
        $table->devtools('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
    };
    foreach ([[1280, 800, false], [1180, 820, false], [820, 1180, true], [390, 844, true]] as [$wide, $high, $stacked]) {
        $table->size($wide, $high);
        Table::until(fn () => ($table->all('.cells.stacked') !== []) === $stacked, "the two cells as they are larger at {$wide} × {$high}");
        // The cell or what is written round it ends at the table's edge: there is no room left both ways.
        [$cell, $room] = $table->script('const r = (css) => { const b = document.querySelector(css).getBoundingClientRect(); return [b.width, b.height] }; return [r(".cell.photo"), r(".cells")]');
        expect(max(($stacked ? 1 : 2) * $cell[0] / $room[0], ($stacked ? 2 : 1) * $cell[1] / $room[1]))->toBeGreaterThan(0.6, "at {$wide} × {$high}");
    }
    $swipe(-30, 0);
    $table->see('[data-test=address]', 'C1');
    $swipe(30, 4);
    $table->see('[data-test=address]', 'B1');
    // On a phone held upright the page slides up and down; on a tablet a swipe is a cell that way too.
    $table->size(820, 1180);
    $table->still('return document.querySelector(".cell.photo").getBoundingClientRect().width', apart: 100);
    $swipe(3, -40);
    $table->see('[data-test=address]', 'B2');
    // Turned, the picture goes the way the finger does.
    $table->key('u');
    $swipe(-30, 0);
    $table->see('[data-test=address]', 'A2');
    expect($table->find('[data-test=up-mark]')->isDisplayed())->toBeTrue()->and($table->script('return [scrollX, scrollY, visualViewport.scale]'))->toEqual([0, 0, 1]);
    $table->devtools('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
    $table->isQuiet();
});

it('opens a pass with its card by lamp light and on a phone, and the cells keep their room there', function () {
    $table = Table::copied()->press('or: round the whole in passes')->see('[data-test=pass-card]', 'hard pencil')->kept();
    $table->click('[data-test=change-look]')->see('[data-test=looks]', 'Objects');
    // What is on looks on, by either light: the looks of the place pass, and the others.
    $plates = fn (string $pressed): array => array_values(array_unique($table->script('return [...document.querySelectorAll(`[data-test=looks] [aria-pressed=${arguments[0]}]`)].map((e) => getComputedStyle(e).backgroundColor)', [$pressed])));
    foreach (['day', 'lamp'] as $light) {
        $light === 'lamp' && $table->light('dark');
        expect($plates('true'))->toHaveCount(1, $light)->and(array_intersect($plates('true'), $plates('false')))->toBe([], $light);
    }
    $table->isAccessibleThen('A pass by lamp light')->click('[data-test=change-look]');
    $table->size(390, 844);
    $cell = fn (): float => (float) $table->script('return document.querySelector(".cell.photo").getBoundingClientRect().width');
    // The cell has found its room.
    $open = Table::until(fn () => $cell() > 150 ? $cell() : null, 'the cell on a phone');
    $table->isAccessibleThen('A pass on a phone')->press('Close');
    expect($cell())->toEqualWithDelta($open, 1)->and($table->script('return document.documentElement.scrollWidth'))->toBe(390);
    $table->isQuiet();
});
