<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Hand;
use Tests\Browser\Table;
use Tests\Photos;

it('opens where the last sitting stopped, keeps its place over a reload, and lets Back leave', function () {
    Table::lay()->go('/')->see('.boards', '');
    $table = Table::copied();
    $table->see('[data-test=address]', 'A1')->key(' ')->see('[data-test=address]', 'B1')->key(WebDriverKeys::ARROW_DOWN)->see('[data-test=address]', 'B2');
    $table->browser->navigate()->refresh();
    $table->see('[data-test=address]', 'B2')->see('[data-test=progress]', '1 of 6 done');
    // Every cell has its address, and none of them fills the history: Back goes to where one came from.
    $table->browser->navigate()->back();
    $entry = fn (): string => implode('', array_filter($table->texts('.boards li'), fn (string $entry): bool => str_contains($entry, 'Copied')));
    Table::until(fn () => str_contains($entry(), 'Next is square B1.'), 'the shelf to say what is next');
});

it('shows what another tab has copied meanwhile', function () {
    $table = Table::copied();
    $id = explode('/', $table->path())[2];
    $table->see('[data-test=progress]', '0 of 6 done');
    $other = curl_init($table->address("/api/drawings/{$id}/cells/2/1"));
    curl_setopt_array($other, [CURLOPT_CUSTOMREQUEST => 'PUT', CURLOPT_POSTFIELDS => '{"state":"done"}', CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'], CURLOPT_RETURNTRANSFER => true]);
    curl_exec($other);
    expect(curl_getinfo($other, CURLINFO_RESPONSE_CODE))->toBe(200);
    $table->browser->navigate()->refresh();
    $table->see('[data-test=progress]', '1 of 6 done');
    expect($table->all('[data-test=map] .done'))->toHaveCount(1);
});

it('loses no cell while the server is away, or when keys come faster than answers', function () {
    $table = Table::copied();
    $id = explode('/', $table->path())[2];
    $states = fn (): array => collect(json_decode((string) file_get_contents($table->address("/api/drawings/{$id}")), true)['cells'])->mapWithKeys(fn (array $cell): array => ["{$cell['column']}-{$cell['row']}" => $cell['state']])->sortKeys()->all();
    // Keys at once, with no look at what became of the one before.
    $table->script('return (async () => { for (const key of [" ", " ", "Backspace", "x", " ", "Backspace", "Backspace", " "]) { window.dispatchEvent(new KeyboardEvent("keydown", { key })); await new Promise((go) => setTimeout(go)) } })()');
    $table->see('[data-test=progress]', '2 of');
    Table::until(fn () => array_keys(array_filter($states(), fn (string $state) => $state !== 'open')) === ['0-0', '1-0'] && array_unique(array_values(array_filter($states(), fn (string $state) => $state !== 'open'))) === ['done'], 'all of it to be kept');
    $stood = $states();
    $table->stopServing();
    $table->key(' ')->see('[data-test=trouble]', 'not answering')->key('x');
    $table->see('[data-test=progress]', '3 of');
    $table->serve();
    Table::until(fn () => count(array_filter($states(), fn (string $state) => $state !== 'open')) === 4, 'what waited to be kept', 20);
    // That the server was away is no fault of the pages that come after.
    $table->browser->manage()->getLog('browser');
    expect(array_intersect_assoc(array_filter($stood, fn ($state) => $state === 'done'), $states()))->toBe(array_filter($stood, fn ($state) => $state === 'done'));
})->group('long');

it('comes by itself once the server answers again what it was asked in vain', function (string $asked) {
    $table = Table::lay();
    $id = $table->begin(Photos::make(900, 600), '--title=Copied --sheet=9x6in --photo=9x6in --columns=3 --rows=2');
    $table->withoutAnswer($asked, fn (Table $table) => $table->go("/drawing/{$id}/copy")
        ->see('.waiting', 'not answering')->see('.waiting button', 'Try again')->isAccessibleThen('Copy, waited for in vain'))
        ->see('[data-test=address]', 'A1')->see('[data-test=twin]', 'from the left and');
})->group('long')->with(['how the cells go' => '*/copying*', 'the drawing' => '*/api/drawings/01*']);

it('has a look for every key, shows which is on, and lists all keys', function () {
    $table = Table::copied('2-1');
    $table->see('[data-test=courses]', 'vertical')->key('?')->see('[data-test=help]', '⌫');
    $keys = $table->texts('[data-test=help] kbd');
    expect($keys)->toHaveCount(count(array_unique($keys)))->and($table->texts('[data-test=help] dd'))->toHaveCount(count($keys))->not->toContain('');
    $table->key('?');
    foreach ([1280, 1101, 1024, 800] as $wide) {
        $table->size($wide, 800);
        expect($table->script('const foot = document.querySelector(".foot"); return [foot.scrollWidth - foot.clientWidth, document.documentElement.scrollWidth - innerWidth]'))->toBe([0, 0], "at {$wide} px");
    }
    $table->size(1280, 800);
    $table->click('[data-test=change-look]')->see('[data-test=looks]', 'Upside down')->isAccessibleThen('Copy, its looks');
    // Each look goes on and off again by its key, and its button says so.
    foreach (['q', 'h', '2', '3', 's', 'l', 'u', 'v', 't', 'g', 'k', 'w', 'z', 'b'] as $key) {
        expect($keys)->toContain(strtoupper($key));
        $pressed = fn (): string => (string) $table->script('return document.querySelector(`[data-test=looks] [aria-keyshortcuts="${arguments[0]}"]`).ariaPressed', [strtoupper($key)]);
        $before = $pressed();
        $table->key($key);
        Table::until(fn () => $pressed() !== $before, "{$key} to go over");
        // What is on stays in sight, and can be turned off there.
        if ($key !== 'h') {
            Table::until(fn () => count($table->all('.on button')) === 1, "{$key} to be shown as on");
        }
        Table::until(function () use ($table, $pressed, $before, $key): bool {
            if ($pressed() !== $before) {
                $table->key($key);
            }

            return $pressed() === $before;
        }, "{$key} to go back", 5);
        expect($pressed())->toBe($before, "{$key} goes back");
    }
    $table->key('c')->see('.photo', '1');
    Table::until(fn () => $table->all('[data-test=contour]') !== [], 'the contour in hand');
    $table->isQuiet();
})->group('long');

it('hears a pedal as well as the keys', function () {
    $table = Table::copied()->see('[data-test=address]', 'A1');
    $table->key(WebDriverKeys::PAGE_DOWN)->see('[data-test=address]', 'B1')->key(WebDriverKeys::PAGE_DOWN)->see('[data-test=address]', 'C1')
        ->key(WebDriverKeys::PAGE_UP)->see('[data-test=address]', 'B1')->see('[data-test=progress]', '1 of 6 done');
});

it('marks the crossings at the same places on both cells, large enough to read from the board', function () {
    $table = Table::copied('2-1')->see('[data-test=courses]', 'vertical');
    [$photo, $paper, $size] = $table->script(<<<'JS'
        const places = (board) => {
            const c = document.querySelector(board).getBoundingClientRect()
            return [...document.querySelectorAll(board + ' [data-test=crossing]')].map((t) => { const r = t.getBoundingClientRect(); return Math.round(1000 * ((r.left + r.right) / 2 - c.left) / c.width) / 1000 })
        }
        return [places('.cell.photo'), places('.cell.paper'), Math.min(...[...document.querySelectorAll('[data-test=crossing]')].map((t) => parseFloat(getComputedStyle(t).fontSize)))]
        JS);
    expect($photo)->toHaveCount(2)->and($size)->toBeGreaterThanOrEqual(18);
    foreach ($photo as $i => $place) {
        expect($paper[$i])->toEqualWithDelta($place, 0.005)->and($place)->toEqualWithDelta(0.5, 0.01);
    }
    // The cells are equal, and take more of the table than everything round them.
    [$cells, $table] = $table->script('const a = (e) => { const r = e.getBoundingClientRect(); return r.width * r.height }; return [[...document.querySelectorAll(".cell")].map(a), a(document.querySelector(".cells"))]');
    expect($cells[0])->toEqualWithDelta($cells[1], 1)->and(array_sum($cells) / $table)->toBeGreaterThan(0.5);
});

it('works at sizes alone: the empty twin, its quarters, and no picture to wait for', function () {
    $table = Table::lay()->go('/')->see('.boards', '');
    $id = json_decode((string) file_get_contents($table->address('/api/drawings'), false, stream_context_create(['http' => ['method' => 'POST', 'header' => "Content-Type: application/json\r\nAccept: application/json", 'content' => '{"width":"5 in","height":"7 in"}']])), true)['id'];
    $table->go("/drawing/{$id}/copy")->see('[data-test=address]', 'A1')->see('[data-test=twin]', 'from the left and');
    Table::until(fn () => count($table->all('.paper .tick')) === 6, 'the quarters');
    expect($table->all('[data-test=cell-picture]'))->toBe([])->and($table->all('.wait'))->toBe([]);
    $table->key(' ')->see('[data-test=address]', 'B1')->isAccessibleThen('Copy without a photo')->isQuiet();
});

it('reaches flags, notes, the order and the list of keys on a phone as well', function () {
    $table = Table::copied('2-1');
    $table->size(390, 844);
    $table->see('[data-test=progress]', '0 of 6 done')->press('Flag')->see('[data-test=doubtful]', 'B1');
    $table->see('[data-test=help]', '⌫')->see('.way', 'away from the drawing hand')->isAccessibleThen('Copy on a phone, its headings');
    $table->press('I draw with the left hand')->see('.way', 'right hand')->press('Add note');
    Table::until(fn () => $table->script('return document.activeElement.tagName') === 'INPUT', 'the field for a note');
    expect($table->script('return document.documentElement.scrollWidth'))->toBe(390);
    // The photo’s cell takes the width, and the paper’s is under it; every target is large enough for a thumb.
    $table->press('Close');
    [$wide, $small] = $table->script('const box = (e) => e.getBoundingClientRect(); return [box(document.querySelector(".cell.photo")).width / innerWidth, [...document.querySelectorAll("button, a")].filter((e) => e.checkVisibility() && Math.min(box(e).width, box(e).height) < 43.5).map((e) => e.innerText || e.ariaLabel)]');
    expect($wide)->toBeGreaterThanOrEqual(0.85)->and($small)->toBe([]);
    $table->isQuiet();
});

it('sets right what was seen: strikes a contour out, draws another, moves a crossing, and takes it all back', function () {
    $table = Table::copied('2-1', '--sheet=9x6in --photo=9x6in --columns=3 --rows=3')->see('[data-test=courses]', 'vertical');
    $crossings = fn (): array => $table->texts('.photo [data-test=crossing]');
    $before = $crossings();
    // The contour in hand is none.
    $table->key('c')->see('.courses [aria-pressed=true]', 'vertical')->key(WebDriverKeys::DELETE);
    $table->see('.head', 'struck out')->kept();
    Table::until(fn () => $crossings() === [] || ! str_contains(implode($table->texts('[data-test=courses]')), 'vertical'), 'the contour to go');
    // Another is drawn by three taps: in at the left, through the middle, out at the right.
    $table->key('d')->see('.head', 'Tap where it begins');
    foreach ([[0.0, 0.5], [0.5, 0.7], [1.0, 0.5]] as [$x, $y]) {
        $table->script('const s = document.querySelector("[data-test=setting]"), b = s.querySelector("svg").getBoundingClientRect(); s.dispatchEvent(new MouseEvent("click", { bubbles: true, clientX: b.left + arguments[0] * b.width, clientY: b.top + arguments[1] * b.height }))', [$x, $y]);
    }
    $table->see('[data-test=courses]', 'n at 1/2 of the right side, out at 1/2 of the left side: level, bulges down')->kept();
    // A crossing in the middle of nowhere is none, and that is said where one looks.
    $table->key('a');
    $table->script('const s = document.querySelector("[data-test=setting]"), b = s.querySelector("svg").getBoundingClientRect(); s.dispatchEvent(new MouseEvent("click", { bubbles: true, clientX: b.left + b.width / 2, clientY: b.top + b.height / 2 }))');
    $table->see('.head [role=alert]', 'point nearer to one')->kept();
    // Its cell beyond has the crossing, and says that nothing leads to it there yet.
    $table->key(WebDriverKeys::ARROW_RIGHT)->see('[data-test=address]', 'C1');
    // What was wrong in one cell is no word on the next.
    expect($table->all('.head [role=alert]'))->toBe([]);
    $table->see('[data-test=unsaid]', 'No contour leads to the crossing at 1/2 of the left side');
    // There it is moved down by keys alone.
    Table::until(fn () => in_array('1/2', $crossings(), true), 'its crossing');
    Table::until(fn () => str_contains($table->text('.head'), '1/2 of the left side') || ! $table->key('e'), 'the crossing to be pointed at');
    $table->key('m')->see('.head', 'Tap the place');
    foreach (range(1, 5) as $step) {
        $table->key(WebDriverKeys::ARROW_DOWN, Hand::SHIFT);
    }
    $table->key(WebDriverKeys::ENTER)->see('[data-test=unsaid]', '3/4 of the left side')->kept();
    $table->key(WebDriverKeys::ARROW_LEFT)->see('[data-test=courses]', 'n at 3/4 of the right side');
    // All of it is there after a reload, and goes step by step.
    $table->browser->navigate()->refresh();
    $table->see('[data-test=courses]', '3/4 of the right side');
    foreach (range(1, 3) as $step) {
        $table->click('[data-test=undo]')->kept();
    }
    $table->see('[data-test=courses]', 'vertical');
    Table::until(fn () => $crossings() === $before, 'the crossings as they were');
    $table->isAccessibleThen('Copy with what sets it right')->isQuiet();
});

it('goes round in passes: each opens with its card, a cell is next again in the next, and Back is of the pass that is on', function () {
    $table = Table::copied()->press('or: round the whole in passes')->see('[data-test=pass-card]', 'hard pencil')->see('[data-test=progress]', '0 of 6 through this pass');
    $table->press('Close')->kept();
    expect($table->all('[data-test=pass-card]'))->toBe([]);
    foreach (range(1, 6) as $nth) {
        $table->key(' ')->see('[data-test=progress]', "{$nth} of 6 through this pass");
    }
    $table->see('[data-test=round]', 'Everything is placed')->isAccessibleThen('Copy at the end of a pass');
    // One step back is one cell back, in this pass.
    $table->key(WebDriverKeys::BACKSPACE)->see('[data-test=progress]', '5 of 6 through this pass')->key(' ')->see('[data-test=progress]', '6 of 6 through this pass');
    $table->press('On to: Refine')->see('[data-test=pass-card]', 'HB')->see('[data-test=progress]', '0 of 6 through this pass')->see('[data-test=progress]', '6 started')->kept();
    // A reload remembers the pass, how far it is and that its card was not read yet.
    $table->key(' ')->see('[data-test=progress]', '1 of 6 through this pass')->kept()->browser->navigate()->refresh();
    $table->see('[data-test=progress]', '1 of 6 through this pass')->see('[data-test=pass-card]', 'HB')->press('3 Detail')->see('[data-test=progress]', '0 of 6 through this pass')->kept();
    foreach (range(1, 6) as $nth) {
        $table->key(' ')->see('[data-test=progress]', "{$nth} of 6 through this pass");
    }
    $table->see('[data-test=round]', 'Every pass is round')->kept()->isQuiet();
    // Gone round again in an earlier pass, none of them is brought back, nor by Back.
    $table->press('1 Place')->see('[data-test=progress]', '6 of 6 through this pass')->kept();
    $table->key(' ')->key(' ')->key(WebDriverKeys::BACKSPACE)->key(WebDriverKeys::BACKSPACE)->kept()->see('[data-test=progress]', '6 of 6 through this pass');
    // Cell by cell, the same cells are done.
    $table->press('or: a cell until it is finished')->see('[data-test=progress]', '6 of 6 done');
});

it('names what is on the picture once: boxed and traced, in front and behind, ticked in a pass, with the gaps between', function () {
    $table = Table::copied('', '--sheet=9x6in --photo=9x6in --columns=3 --rows=3');
    $table->go(str_replace('/copy', '/photo', (string) preg_replace('#/copy.*#', '/copy', $table->path())))->unfold('Things')->press('box a thing')->see('[data-test=hint]', 'Drag a box');
    $photo = '[data-test=photo-board]';
    $table->drawOn($photo, [0.1, 0.2], [0.5, 0.8])->see('[data-test=thing]', '40 % of the width')->kept();
    $table->write('Name of thing 1', 'Krug 壺')->kept();
    $table->press('trace a thing')->see('[data-test=hint]', 'Click along the outline');
    foreach ([[0.4, 0.5], [0.8, 0.3], [0.9, 0.7], [0.4, 0.5]] as $at) {
        $table->drawOn($photo, $at, $at);
    }
    Table::until(fn () => count($table->all('[data-test=thing]')) === 2, 'the second thing');
    // What lies behind the first is dashed, on both boards: from where it was begun, and to there.
    $table->kept();
    Table::until(fn () => count($table->all('[data-test=things] .outline.hidden')) === 4, 'the hidden part on both boards');
    // The other way round nothing of it is hidden, but of the box.
    $table->press('Thing 2 one nearer')->kept();
    Table::until(fn () => str_contains($table->texts('[data-test=thing]')[1] ?? '', '40 %'), 'the box to be second');
    $table->press('Show negative space')->see('[data-test=gap-list]', '100 % of the width, 100 % of the height');
    expect($table->all('[data-test=gaps]'))->toHaveCount(2);
    $table->press('must not be forgotten')->kept()->isAccessibleThen('Photo with things');
    // In the place pass it is asked for, and its outline lies over the cell, on the photo and on the paper.
    $table->go((string) preg_replace('#/photo.*#', '/copy/2-2', $table->path()))->press('or: round the whole in passes')->see('[data-test=musts]', 'Thing 2');
    Table::until(fn () => count($table->all('.cells [data-test=things]')) === 2, 'the outlines in both cells');
    $table->press('Thing 2')->kept()->browser->navigate()->refresh();
    $table->see('[data-test=musts]', 'Thing 2');
    expect($table->script('return document.querySelector("[data-test=musts] input").checked'))->toBeTrue();
    $table->key('g');
    Table::until(fn () => $table->all('.cells [data-test=things]') === [], 'the outlines to go');
    $table->isAccessibleThen('Copy with things')->isQuiet();
});

it('names the cells it shows together, wherever they lie turned or mirrored', function () {
    $table = Table::copied('2-2', '--sheet=9x6in --photo=9x6in --columns=3 --rows=3')->key('3');
    // By their places on the screen, row after row.
    $seen = fn (): array => $table->script('return [...document.querySelectorAll(".photo [data-test=cell-address]")].map((e) => [Math.round(e.getBoundingClientRect().top), Math.round(e.getBoundingClientRect().left), e.innerText]).sort((a, b) => a[0] - b[0] || a[1] - b[1]).map((e) => e[2])');
    Table::until(fn () => $seen() === ['A1', 'B1', 'C1', 'A2', 'B2', 'C2', 'A3', 'B3', 'C3'], 'nine addresses');
    $table->key('u');
    Table::until(fn () => $seen() === ['C3', 'B3', 'A3', 'C2', 'B2', 'A2', 'C1', 'B1', 'A1'], 'them upside down');
    $table->key('v');
    Table::until(fn () => $seen() === ['A3', 'B3', 'C3', 'A2', 'B2', 'C2', 'A1', 'B1', 'C1'], 'them upside down in a mirror');
    $table->key('u');
    Table::until(fn () => $seen() === ['C1', 'B1', 'A1', 'C2', 'B2', 'A2', 'C3', 'B3', 'A3'], 'them in a mirror');
    // The cell in hand alone is mirrored without marks: nothing is measured there.
    $table->key('3');
    Table::until(fn () => $table->all('[data-test=crossing]') === [] && $table->all('.held.mirrored') !== [], 'no crossings in a mirror');
    $table->key('v');
    Table::until(fn () => $table->all('[data-test=crossing]') !== [], 'the crossings again');
});

it('goes through every crossing before a cell is done in ink, and runs the dot as fast as one likes', function () {
    $table = Table::copied('2-1')->see('[data-test=courses]', 'vertical')->press('In ink: go through every crossing point first')->kept();
    $table->key('h')->key('h');
    // What is known of the cell comes again with the choice.
    $count = Table::until(fn () => count($table->all('.photo [data-test=crossing]')), 'the crossings');
    foreach (range(1, $count) as $nth) {
        $table->key(' ')->see('.head', 'Exactly')->see('[data-test=address]', 'B1');
    }
    $table->key(' ')->see('[data-test=progress]', '1 of 6 done');
    $table->go(preg_replace('#/copy/.*#', '/copy/2-1', $table->path()))->see('[data-test=courses]', 'vertical')->key('c')->see('.speed', '3.5 s');
    $table->find('.speed .el-slider__button-wrapper')->click();
    $table->key(WebDriverKeys::ARROW_LEFT)->see('.speed', '3 s');
    expect($table->script('return document.querySelector("animateMotion").getAttribute("dur")'))->toBe('3s');
    $table->isAccessibleThen('Copy in ink')->isQuiet();
})->group('long');
