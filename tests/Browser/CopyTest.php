<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Table;
use Tests\Photos;

/** A drawing of four coloured quarters in Copy; 3 × 2 cells of 3 in. */
function copied(string $cell = '', string $options = '--sheet=9x6in --photo=9x6in --columns=3 --rows=2'): Table
{
    $made = json_decode(Table::lay()->artisan('inch:new '.Photos::make(900, 600)." --title=Copied {$options}"), true);
    $table = Table::lay();
    $table->go('/')->browser->executeScript('localStorage.clear()');

    return $table->go("/drawing/{$made['drawing']}/copy".($cell === '' ? '' : "/{$cell}"))->see('[data-test=address]', '');
}

it('opens where the last sitting stopped, keeps its place over a reload, and lets Back leave', function () {
    $table = copied();
    $table->see('[data-test=address]', 'A1')->key(' ')->see('[data-test=address]', 'B1')->key(WebDriverKeys::ARROW_DOWN)->see('[data-test=address]', 'B2');
    $table->browser->navigate()->refresh();
    $table->see('[data-test=address]', 'B2')->see('[data-test=progress]', '1 of 6 done');
    // Every cell has its address, and none of them fills the history: Back goes to where one came from.
    $table->browser->navigate()->back();
    $entry = fn (): string => implode('', array_filter($table->texts('.boards li'), fn (string $entry): bool => str_contains($entry, 'Copied')));
    Table::until(fn () => str_contains($entry(), 'Next: copy cell B1.'), 'the shelf to say what is next');
});

it('shows what another tab has copied meanwhile', function () {
    $table = copied();
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
    $table = copied();
    $id = explode('/', $table->path())[2];
    $states = fn (): array => collect(json_decode((string) file_get_contents($table->address("/api/drawings/{$id}")), true)['cells'])->mapWithKeys(fn (array $cell): array => ["{$cell['column']}-{$cell['row']}" => $cell['state']])->sortKeys()->all();
    // Keys at once, with no look at what became of the one before.
    $table->browser->executeAsyncScript('const done = arguments[0]; (async () => { for (const key of [" ", " ", "Backspace", "x", " ", "Backspace", "Backspace", " "]) { window.dispatchEvent(new KeyboardEvent("keydown", { key })); await new Promise((go) => setTimeout(go)) } done() })()');
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
});

it('has a button for every key, and says what each of them does', function () {
    $table = copied('2-1');
    $table->see('[data-test=courses]', 'upright')->key('?')->see('[data-test=help]', 'Arrows go');
    foreach ([1280, 1271, 1269, 1182, 1024] as $wide) {
        $table->size($wide, 800);
        expect($table->browser->executeScript('const keys = document.querySelector(".keys"); return [keys.scrollWidth - keys.clientWidth, document.documentElement.scrollWidth - innerWidth]'))->toBe([0, 0], "at {$wide} px");
    }
    $table->size(1280, 800);
    $caps = $table->texts('[data-test=help] kbd');
    $buttons = $table->texts('.keys .button kbd');
    expect(array_diff($caps, $buttons))->toBe([])->and(count($caps))->toBe(count($table->texts('[data-test=help] dd')));
    $table->key('?');
    // Each look goes on and off again by its key, and its button says so.
    foreach (['c', 'e', 'q', 'h', '2', '3', 's', 'l', 'u', 't', 'b'] as $key) {
        $pressed = fn (): string => (string) $table->browser->executeScript('return [...document.querySelectorAll(".looks button")].find((b) => b.querySelector("kbd").textContent === arguments[0]).ariaPressed', [strtoupper($key)]);
        $before = $pressed();
        $table->key($key);
        Table::until(fn () => $pressed() !== $before, "{$key} to go over");
        foreach (range(1, 4) as $again) {
            if ($pressed() === $before) {
                break;
            }
            $table->key($key);
            usleep(200_000);
        }
        expect($pressed())->toBe($before, "{$key} goes back");
    }
    $table->isQuiet();
});

it('hears a pedal as well as the keys', function () {
    $table = copied()->see('[data-test=address]', 'A1');
    $table->key(WebDriverKeys::PAGE_DOWN)->see('[data-test=address]', 'B1')->key(WebDriverKeys::PAGE_DOWN)->see('[data-test=address]', 'C1')
        ->key(WebDriverKeys::PAGE_UP)->see('[data-test=address]', 'B1')->see('[data-test=progress]', '1 of 6 done');
});

it('marks the crossings at the same places on both cells, large enough to read from the board', function () {
    $table = copied('2-1')->see('[data-test=courses]', 'upright');
    [$photo, $paper, $size] = $table->browser->executeScript(<<<'JS'
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
    [$cells, $table] = $table->browser->executeScript('const a = (e) => { const r = e.getBoundingClientRect(); return r.width * r.height }; return [[...document.querySelectorAll(".cell")].map(a), a(document.querySelector(".cells"))]');
    expect($cells[0])->toEqualWithDelta($cells[1], 1)->and(array_sum($cells) / $table)->toBeGreaterThan(0.5);
});

it('works at sizes alone: the empty twin, its quarters, and no picture to wait for', function () {
    $table = Table::lay()->go('/')->see('.boards', '');
    $id = json_decode((string) file_get_contents($table->address('/api/drawings'), false, stream_context_create(['http' => ['method' => 'POST', 'header' => "Content-Type: application/json\r\nAccept: application/json", 'content' => '{"width":"5 in","height":"7 in"}']])), true)['id'];
    $table->go("/drawing/{$id}/copy")->see('[data-test=address]', 'A1')->see('[data-test=twin]', 'from the left and');
    Table::until(fn () => count($table->all('.paper .tick')) === 6, 'the quarters');
    expect($table->all('[data-test=cell-picture]'))->toBe([])->and($table->all('.wait'))->toBe([]);
    $table->key(' ')->see('[data-test=address]', 'B1')->isAccessible('Copy without a photo')->isQuiet();
});

it('reaches doubts, notes, the way and the list of keys on a phone as well', function () {
    $table = copied('2-1');
    $table->size(390, 844);
    $table->see('[data-test=progress]', '0 of 6 done');
    $tap = fn (string $label) => $table->browser->executeScript('[...document.querySelectorAll(".looks button")].find((b) => b.ariaLabel === arguments[0] && b.checkVisibility()).click()', [$label]);
    $tap('doubtful');
    $table->see('[data-test=doubtful]', 'B1');
    $tap('All keys');
    $table->see('[data-test=help]', 'Arrows go')->see('[data-test=help] .way', 'away from the drawing hand')->isAccessible('Copy on a phone, its keys');
    $table->press('I draw with the left hand')->see('[data-test=help] .way', 'right hand')->press('Put away');
    expect($table->browser->executeScript('return document.documentElement.scrollWidth'))->toBe(390);
    $tap('note');
    Table::until(fn () => $table->browser->executeScript('return document.activeElement.tagName') === 'INPUT', 'the field for a note');
    $table->browser->executeScript('localStorage.clear()');
    $table->size(1280, 800);
    $table->isQuiet();
});
