<?php

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Table;
use Tests\Photos;

/** Opens a demo drawing by its name, at a rung. */
function open(string $title, string $rung): Table
{
    $table = Table::lay();
    $id = collect($table->shelf())->firstWhere('title', $title)['id'];

    return $table->go("/drawing/{$id}/{$rung}");
}

/** A drawing of a photo made for the test, so that nothing is left of what another test did. */
function fresh(string $options, string $rung, int $wide = 900, int $high = 600): Table
{
    $table = Table::lay();
    $id = $table->begin(Photos::make($wide, $high), "--title=Test {$options}");

    return $table->go("/drawing/{$id}/{$rung}");
}

/** @return array{float, float, float, float} x, y, width and height of the crop's frame */
function cropFrame(Table $table): array
{
    return array_map(fn (string $name) => (float) $table->find('[data-test=crop]')->getAttribute($name), ['x', 'y', 'width', 'height']);
}

it('draws what is held where the hand is, while the server has not answered, and asks one thing at a time', function (string $way, string $held, string $box, array $sides) {
    $table = fresh('--sheet=9x11in --photo=9x6in --margin=0', 'fit')->press($way)->kept();
    $at = fn (): array => $table->script('const r = document.querySelector(arguments[0]).getBoundingClientRect(); return [r.right, r.bottom]', [$box]);
    [$x, $y] = $table->script('const r = document.querySelector(arguments[0]).getBoundingClientRect(); return [r.left + r.width / 2, r.top + r.height / 2]', [$held]);
    $mouse = fn (string $type, float $by) => $table->devtools('Input.dispatchMouseEvent', ['type' => $type, 'x' => $x - $by, 'y' => $y - $by * $sides[1], 'button' => 'left', 'buttons' => 1, 'clickCount' => 1]);
    // Every answer takes two seconds; the page has none before that.
    $table->devtools('Network.enable', []);
    $slow = fn (int $ms) => $table->devtools('Network.emulateNetworkConditions', ['offline' => false, 'latency' => $ms, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    $slow(2000);
    $table->script('performance.clearResourceTimings()');
    [$right, $bottom] = $at();
    $mouse('mousePressed', 0);
    foreach (range(4, 40, 4) as $by) {
        $mouse('mouseMoved', $by);
    }
    $drawn = $table->still('const r = document.querySelector(arguments[0]).getBoundingClientRect(); return [r.right, r.bottom]', $box);
    expect($right - $drawn[0])->toEqualWithDelta(40 * $sides[0], 3)->and($bottom - $drawn[1])->toBeGreaterThanOrEqual(0);
    expect($table->script('return performance.getEntriesByType("resource").filter((one) => one.name.endsWith("/api/workings")).length'))->toBe(0);
    $slow(0);
    $mouse('mouseReleased', 40);
    $table->kept();
    // What the server made of it is where it was drawn.
    expect($at()[0])->toEqualWithDelta($drawn[0], 1.5)->and($at()[1])->toEqualWithDelta($drawn[1], 1.5);
    $asked = $table->script('return performance.getEntriesByType("resource").filter((one) => one.name.includes("/api/")).map((one) => [new URL(one.name).pathname, one.startTime, one.responseEnd])');
    expect(array_filter($asked, fn (array $one): bool => $one[0] === '/api/point'))->toBe([]);
    $plans = array_values(array_filter($asked, fn (array $one): bool => $one[0] === '/api/workings'));
    foreach (array_slice($plans, 1) as $i => $next) {
        expect($next[1])->toBeGreaterThanOrEqual($plans[$i][2]);
    }
    expect(count($plans))->toBeLessThan(5)->toBeGreaterThan(0);
})->with([
    'the crop, moved' => ['Fill the paper', '[data-test=crop]', '[data-test=crop]', [1, 0]],
    'its corner' => ['Fill the paper', '[data-test=corner]', '[data-test=crop]', [1, 1]],
    'the inset' => ['Whole photo', '[data-test=inset-handle]', '[data-test=inset-handle]', [1, 0.667]],
]);

it('moves the crop by hand and by arrow keys, masks the rest, and keeps it', function () {
    // A wide photo for a square sheet: the crop has room to either side.
    $table = fresh('--sheet=10x10in --photo=9x6in', 'fit')
        ->see('[data-test=sums]', '33.3 % of the photo is cropped: 1 1/2 in off the left, 1 1/2 in off the right.');
    [$x, $y, $width, $height] = cropFrame($table);
    expect($width)->toEqualWithDelta($height, 0.5)->and($table->all('.mask'))->toHaveCount(1);

    (new WebDriverActions($table->browser))->moveToElement($table->find('[data-test=crop]'))->clickAndHold()->moveByOffset(-30, 0)->moveByOffset(-150, 5)->release()->perform();
    $table->kept()->see('[data-test=sums]', '33.3 % of the photo is cropped: 3 in off the right.');
    expect(cropFrame($table)[0])->toBeLessThan($x - 20)->and(cropFrame($table)[1])->toEqualWithDelta($y, 0.5);

    $table->script('document.querySelector("[data-test=crop]").focus()');
    foreach (range(1, 5) as $press) {
        $table->key(WebDriverKeys::ARROW_RIGHT);
    }
    $table->kept()->see('[data-test=sums]', '1/16 in off the left');
    $place = cropFrame($table);
    $table->browser->navigate()->refresh();
    $table->see('[data-test=sums]', '1/16 in off the left');
    expect(cropFrame($table))->toEqualWithDelta($place, 0.5);
    $table->press('Centre the crop')->see('[data-test=sums]', '1 1/2 in off the left')->kept();
});

it('shows what each fit costs', function (string $fit, array $figures, string $sum) {
    $table = fresh('--sheet=letter --photo=6x4in --turn=advised', 'fit')->press($fit)->kept();
    foreach ($figures as $figure) {
        $table->see('[data-test=figures]', $figure);
    }
    $table->see('[data-test=sums]', $sum);
})->with([
    'the whole photo' => ['Whole photo', ['×1 5/6'], 'Left over: 0 in across, 1 3/16 in down.'],
]);

it('answers nonsense beside the field, keeps what was typed, and goes on when it is put right', function (string $rung, array $before, string $label, string $nonsense, string $says, string $sense) {
    $table = fresh('--sheet=letter --photo=6x4in', $rung);
    $before === [] || $table->choose(...$before);
    $table->write($label, $nonsense);
    expect($table->fault($label))->toContain($says)->and($table->field($label)->getAttribute('value'))->toBe($nonsense);
    $table->see('[data-test=kept]', 'not saved yet');
    $table->write($label, $sense)->kept();
    expect($table->all('.fault'))->toBe([]);
})->with([
    ['photo', [], 'Width, measured', 'abc', 'is not a length. Write it like 8 1/2 in', '6in'],
    ['grid', [], 'Columns', '500', 'The limit is 60 a side', '6'],
]);

it('answers a cell that is too large beside it', function () {
    $table = fresh('--sheet=letter --photo=6x4in', 'fit')->press('Whole squares')->kept()->write('Cell on the paper', '12 in');
    expect($table->fault('Cell on the paper'))->toContain('longer than the side it must divide');
    $table->write('Cell on the paper', '1 in')->kept();
})->group('long');

it('says when margins eat the sheet', function () {
    $table = fresh('--sheet=letter --photo=6x4in', 'paper')->write('left', '5 in')->write('right', '5 in');
    $table->see('.margins', 'These margins leave no room to draw on')->write('left', '1/4')->write('right', '0')->kept();
})->group('long');

it('says that a print contradicts its photo, with three ways to go on', function (string $way, string $field, string $value) {
    $table = fresh('--sheet=letter', 'photo', 900, 600)
        ->press('Print')
        ->write('Width, measured', '6 in')
        ->write('Height, measured', '5 in');
    $table->see('[data-test=mismatch]', 'differ by 20 %')->press($way);
    Table::until(fn () => $table->all('[data-test=mismatch]') === [], 'the word about the print to go');
    expect($table->kept()->field($field)->getAttribute('value'))->toBe($value);
})->with([
    ['Make the height 4 in', 'Height, measured', '4 in'],
    ['it shows the middle', 'Height, measured', '5 in'],
]);

it('leaves what is being typed alone when an answer to something else comes in', function () {
    $table = fresh('--sheet=letter', 'photo', 900, 600)->press('Print');
    $table->devtools('Network.enable', []);
    $slow = fn (int $ms) => $table->devtools('Network.emulateNetworkConditions', ['offline' => false, 'latency' => $ms, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    $table->field('Height, measured');
    $slow(500);
    $table->write('Width, measured', '6 in')->key('5')->see('nav', '6 × 4 in print');
    $slow(0);
    expect($table->field('Height, measured')->getAttribute('value'))->toBe('5');
    $table->key(WebDriverKeys::TAB)->see('[data-test=mismatch]', 'differ by 20 %')->kept();
    expect($table->field('Height, measured')->getAttribute('value'))->toBe('5 in');
    $table->isQuiet();
});

it('makes the photo a print once one side is measured, and leaves it as it was until then', function () {
    $table = fresh('--sheet=letter', 'photo', 900, 600)->press('Print')->write('Width, measured', 'wide');
    expect($table->fault('Width, measured'))->toContain('is not a length');
    // Nothing is half said meanwhile: the next step is as it was.
    $table->see('[data-test=kept]', 'saved')->see('nav', 'on a screen');
    $table->write('Width, measured', '6 in')->kept()->see('nav', '6 × 4 in print');
    expect($table->field('Height, measured')->getAttribute('value'))->toBe('4 in')->and($table->all('.fault'))->toBe([]);
    $table->click('[data-test=undo]')->kept()->see('nav', 'on a screen')->isQuiet();
});

it('refuses a file beside the place it was dropped, and the shelf stays as it was', function (Closure $file, string $says) {
    $table = Table::lay()->go('/');
    $table->find('.boards li');
    $before = count($table->all('.boards li'));
    $table->choosePhoto($file())->see('[data-test=trouble]', $says);
    expect($table->path())->toBe('/')->and($table->all('.boards li'))->toHaveCount($before);
})->with([
    [fn () => Photos::file('dear diary', '.jpg'), 'not a picture that can be read here'],
]);

/** Another tab rules so many columns. */
function rule(Table $table, int $columns): void
{
    $address = $table->address('/api/drawings/'.preg_replace('#^/drawing/(\w+)/.*#', '$1', $table->path()));
    $theirs = json_decode((string) file_get_contents($address), true);
    data_set($theirs, 'workings.choices.grid.columns', $columns);
    $put = stream_context_create(['http' => ['method' => 'PUT', 'header' => 'Content-Type: application/json', 'content' => json_encode(['version' => $theirs['version'], 'choices' => $theirs['workings']['choices']])]]);
    expect(file_get_contents($address, false, $put))->toContain("\"columns\":{$columns}");
}

it('shows in a second tab what the first has saved, as it happens, and goes on from there', function () {
    $table = fresh('--sheet=letter --photo=6x4in --columns=4', 'grid')->see('nav', '4 ×');
    $table->find('[data-open=true]');
    rule($table, 9);
    $table->see('nav', '9 ×')->write('Columns', '7')->see('nav', '7 ×')->kept();
    expect($table->all('[data-test=stale]'))->toBe([]);
    rule($table, 5);
    $table->see('nav', '5 ×')->press('Undo')->see('nav', '7 ×')->isQuiet();
});

it('tells a second tab that the first has saved meanwhile, and lets the artist choose', function () {
    // Neither hears of the other: the net is slow, or they do it at the same moment.
    $deaf = fn (string ...$paths) => Table::lay()->devtools('Network.setBlockedURLs', ['urls' => $paths]);
    Table::lay()->devtools('Network.enable', []);
    foreach (['Use the other version' => '9 ×', 'Keep my version' => '7 ×'] as $choose => $left) {
        $deaf('*/events');
        $table = fresh('--sheet=letter --photo=6x4in --columns=4', 'grid')->see('nav', '4 ×');
        // The other tab: a save of its own, behind this one's back.
        rule($table, 9);
        $deaf();
        $table->write('Columns', '7')->see('[data-test=stale]', 'This drawing was changed elsewhere meanwhile (grid)')->isAccessible('A stale save');
        $table->press($choose)->kept()->see('nav', $left);
        $table->browser->navigate()->refresh();
        $table->see('nav', $left);
    }
});

it('keeps every state at an address: back, forward, a reload and a link all come home', function () {
    $table = open('Potting bench, late morning', 'paper')->see('h2', 'What you draw on');
    $table->click('nav li:nth-child(4) a')->see('h2', 'How many squares do you copy?');
    $table->click('nav li:nth-child(5) a')->see('h2', 'Where each mark goes');
    $table->browser->navigate()->back();
    $table->see('h2', 'How many squares do you copy?');
    $table->browser->navigate()->back();
    $table->see('h2', 'What you draw on');
    $table->browser->navigate()->forward();
    $table->see('h2', 'How many squares do you copy?');
    $table->click('.shelf')->see('h1', 'Inch Ladder');
    $table->browser->navigate()->back();
    $table->see('h2', 'How many squares do you copy?');
    $table->go('/drawing/nosuch/fit')->see('h1', 'Page not found')->isAccessibleThen('Nothing here');
    $table->go('/no/such/page')->see('h1', 'Page not found')->press('See my drawings')->arrive('/');
});

it('points at one board and shows it on the other, with both measures', function () {
    $table = open('Potting bench, late morning', 'marks')->see('h2', 'Where each mark goes');
    $table->find('[data-test=photo-board] image');
    // The middle of the photo: half of 15 and of 20 cm, and half of 27 cm on the paper.
    $middle = $table->script('const r = document.querySelector("[data-test=photo-board] image").getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2]');
    $table->devtools('Input.dispatchMouseEvent', ['type' => 'mouseMoved', 'x' => $middle[0], 'y' => $middle[1]]);
    $table->see('[data-test=reading]', 'photo');
    expect($table->text('[data-test=reading]'))->toMatch('/[CD][45]/')->toMatch('/photo 7[.][456] cm across, (9[.]9|10|10[.]1) cm down/')->toMatch('/paper 13[.][456] cm across/');
    expect($table->all('[data-test=paper-board] .cross[d^=M]'))->toHaveCount(1);
});

it('lays gridlines on both boards at the same fractions, and the ladder between them', function () {
    $table = fresh('--sheet=9x12in --photo=9x6in --columns=5 --margin=1/2', 'grid')->see('nav', '5 ×');
    $places = $table->script(<<<'JS'
        const rules = (css) => document.querySelector(css).getAttribute('d').match(/M[\d.]+ [\d.]+v/g).map((m) => parseFloat(m.slice(1)))
        const shares = (xs) => xs.map((x) => (x - xs[0]) / (xs[xs.length - 1] - xs[0]))
        return [shares(rules('[data-test=photo-board] .rule')), shares(rules('[data-test=paper-board] .rule'))]
        JS);
    expect($places[0])->toHaveCount(6);
    foreach ($places as $shares) {
        foreach ($shares as $i => $share) {
            expect($share)->toEqualWithDelta($i / 5, 0.01);
        }
    }
});

it('shows true relative size: the paper’s cell is drawn as many times larger as the scale says', function () {
    $table = open('Potting bench, late morning', 'grid')->see('nav', '6 × 8');
    $table->find('[data-test=paper-board] .rule');
    $widths = $table->script('return ["photo", "paper"].map((b) => { const m = document.querySelector(`[data-test=${b}-board] .rule`).getAttribute("d").match(/M([\d.]+) [\d.]+v/g).map((s) => parseFloat(s.slice(1))); return m[m.length - 1] - m[0] })');
    expect($widths[1] / $widths[0])->toEqualWithDelta(1.8, 0.02);
});

it('chooses a line colour and goes back to the advised one', function () {
    $table = fresh('--sheet=letter --photo=6x4in', 'grid')->unfold('Lines')->see('[data-test=line-reason]', 'shows best');
    $table->click('.pencils label:nth-of-type(4)')->kept()->see('[data-test=line-reason]', 'Your own choice.');
    expect($table->find('[data-test=photo-board] .rule:nth-of-type(2)')->getAttribute('stroke'))->toBe('#ffe84a');
    $table->press('as advised')->kept()->see('[data-test=line-reason]', 'shows best');
})->group('long');

it('keeps the marks of a mesh when the counts change and come back', function () {
    $table = fresh('--sheet=letter --photo=6x4in --columns=4', 'copy')->see('[data-test=address]', 'A1');
    $table->key(' ')->see('[data-test=progress]', '1 of');
    $table->click('[data-test=steps]')->click('nav li:nth-child(4) a')
        ->write('Columns', '3')
        ->kept()
        ->see('.workings', 'One note belongs to a cell that the new crop or grid does not have.');
    $table->write('Columns', '4')->kept()->see('nav', 'Copy');
    expect($table->text('nav li:nth-child(6)'))->toContain('1 of');
})->group('long');

it('speaks cm as well as inches, in one unit throughout', function () {
    $table = fresh('--sheet=a4 --photo=10x15cm --columns=4', 'marks', 600, 900)
        ->see('[data-test=marks]', '5.3')
        ->see('[data-test=sums]', 'Across: 21 ÷ 4 = 5.25 cm. On this ruler 5.3, 0.5 mm over.');
    expect($table->text('.workings'))->not->toContain(' in ');
    $table->click('nav li:nth-child(2) a')
        ->thisDrawing()->unfold('Unit and ruler')
        ->press('in')
        ->kept()->key(WebDriverKeys::ESCAPE)->click('nav li:nth-child(5) a')
        ->see('[data-test=marks]', '2 1/16');
})->group('long');

it('is usable on a phone at the easel, and by lamp', function () {
    $table = Table::lay();
    $table->size(390, 844);
    fresh('--sheet=letter --photo=6x4in', 'copy')->see('[data-test=progress]', 'done');
    [$photo, $paper] = $table->script('return [...document.querySelectorAll(".cell")].map((e) => { const r = e.getBoundingClientRect(); return [r.left, r.top, r.right, r.bottom] })');
    expect($photo[3])->toBeLessThan($paper[1])
        ->and(max($photo[2], $paper[2]))->toBeLessThanOrEqual(390)
        ->and($photo[2] - $photo[0])->toBeGreaterThan(180);
    $done = $table->find('[data-test=done]')->getSize();
    expect($done->getHeight())->toBeGreaterThanOrEqual(44)
        ->and($table->script('return document.documentElement.scrollWidth'))->toBe(390);
    $table->isAccessible('Copy on a phone');
    $before = $table->text('[data-test=address]');
    $table->click('[data-test=done]');
    Table::until(fn () => $table->text('[data-test=address]') !== $before, 'the next cell');
    $table->size(1280, 800);
    $table->go('/')->see('.boards', '')->light('dark');
    $table->see('.boards', 'Next is')->isAccessibleThen('My drawings, dark')->light('light')->isQuiet();
})->group('long');

it('puts a drawing in the bin and back', function () {
    $table = fresh('--sheet=letter --photo=6x4in', 'photo')->see('[data-test=sums]', '900 × 600 pixels');
    $id = explode('/', $table->path())[2];
    $binned = fn (): bool => ! in_array($id, array_column($table->shelf(), 'id'), true);
    $table->thisDrawing()->click('[data-test=bin-drawing]')->see('.binned', '“Test” was moved to the bin.');
    Table::until($binned, 'the drawing to be in the bin');
    $table->click('.binned button');
    Table::until(fn () => ! $binned() && $table->all(".boards a[href*='{$id}']") !== [], 'the drawing to come back');
});

it('says when the server is gone, and loses nothing typed', function () {
    $table = fresh('--sheet=letter --photo=6x4in --columns=4', 'grid')->see('nav', '4 ×');
    // Whatever the strip has to say, what is pressed twice in it does not move from under the hand.
    $undo = fn (): array => array_map(function (int $width) use ($table): mixed {
        $table->size($width, 800);

        return $table->still('return document.querySelector("[data-test=undo]").getBoundingClientRect().left');
    }, [390, 1280]);
    $table->find('[data-open=true]');
    $place = $undo();
    $table->stopServing();
    $table->write('Columns', '6')->see('[data-test=trouble]', 'Inch Ladder is not answering');
    expect($table->field('Columns')->getAttribute('value'))->toBe('6');
    $table->see('[data-test=kept]', 'not saved yet');
    expect($undo())->toBe($place)->and($table->all('[data-open=true]'))->toBe([]);
    $table->serve();
    $table->press('Try again')->kept()->see('nav', '6 ×');
    // What the browser noted of the missing server is no fault of the pages.
    $table->browser->manage()->getLog('browser');
})->group('long');

it('shows what is chosen as the one that stands out, by every light', function (string $light) {
    $table = open('Jug on the sill', 'tone')->light($light)->see('[data-test=tone-bar]', '')->see('[data-test=next]', '');
    // Lightness of the panel, of a choice that is not taken, of the one that is, and of the button that leads on (relative luminance, WCAG 2.2).
    [$panel, $other, $chosen, $main] = $table->script(<<<'JS'
        const light = (e) => getComputedStyle(e).backgroundColor.match(/[\d.]+/g).slice(0, 3).map((v) => v / 255).map((v) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4)).reduce((sum, v, i) => sum + v * [0.2126, 0.7152, 0.0722][i], 0)
        const at = (css) => light(document.querySelector(css))
        return [at('aside.workings'), at('.options label:not(.on)'), at('.options label.on'), at('.button.strong')]
        JS);
    $contrast = fn (float $a, float $b): float => (max($a, $b) + 0.05) / (min($a, $b) + 0.05);
    expect($contrast($chosen, $panel))->toBeGreaterThan(4.5)->and($contrast($main, $panel))->toBeGreaterThan(4.5)->and($contrast($other, $panel))->toBeLessThan(2);
})->with(['light', 'dark']);

it('shows the true size of what is larger than the screen, and of what is smaller', function (float $dots) {
    $table = Table::lay();
    $table->go('/')->script('localStorage.setItem("screen-dots-per-mm", arguments[0])', [$dots]);
    open('Jug on the sill', 'photo')->press('Change look')->see('[data-test=true-size]', '%');
    $table->press('Actual size')->see('[data-test=true-size]', '100 %')->press('Fit to window');
})->group('long')->with(['a screen as a wall of dots' => 12, 'dots as large as peas' => 0.8]);

it('shows fractions as real ones that are still read and copied rightly', function () {
    $table = open('Jug on the sill', 'marks')->see('[data-test=marks]', '2 1/2');
    $set = $table->script(<<<'JS'
        const cell = [...document.querySelectorAll('[data-test=marks] td')].find((e) => e.innerText === '2 1/2')
        const fraction = cell.querySelector('.frac')
        return [cell.innerText, getComputedStyle(fraction).fontFeatureSettings, fraction.getBoundingClientRect().width]
        JS);
    expect($set[0])->toBe('2 1/2')->and($set[1])->toContain('frac');
    // Set as a fraction it is narrower than its three characters side by side.
    $plain = $table->script('const f = document.querySelector("[data-test=marks] .frac"); f.style.fontFeatureSettings = "normal"; f.style.fontVariantNumeric = "normal"; return f.getBoundingClientRect().width');
    expect($set[2])->toBeLessThan($plain);
});

it('asks nothing of any other machine', function () {
    $table = open('Potting bench, late morning', 'grid')->see('nav', '6 × 8');
    $asked = $table->script('return performance.getEntriesByType("resource").map((e) => new URL(e.name).origin)');
    expect(array_values(array_unique($asked)))->toBe([$table->address()]);
});

it('holds a point on the sheet through every other change, until it is let go', function () {
    $table = fresh('--sheet=letter --photo=6x4in --fit=inset', 'fit', 900, 600)->write('Width of the drawing', '4 in')->kept();
    $at = fn (string $rung) => $table->go('/drawing/'.explode('/', $table->path())[2]."/{$rung}");
    $at('photo')->unfold('Key points')->press('add a point')->drawOn('[data-test=photo-board]', [0.5, 0.5], [0.5, 0.5])->kept()->press('hold it')->kept()->see('[data-test=pinned]', 'Held at');
    $table->write('held, from the left', '4 in')->write('from the top', '5 in')->kept()->see('[data-test=pinned]', 'Held at 4 in from the left edge, 5 in from the top.');
    $at('fit')->write('Width of the drawing', '5 in')->kept();
    $at('paper')->write('left', '1/2 in')->press('Turn sheet')->kept();
    $at('photo')->unfold('Key points')->see('[data-test=pinned]', 'Held at 4 in from the left edge, 5 in from the top.');
    expect($table->all('[data-test=pin]'))->toHaveCount(1);
    $table->press('centre it')->see('[data-test=said]', 'is held at a place of the sheet');
    $table->press('let go')->kept();
    expect($table->all('[data-test=pin]'))->toBe([]);
    $table->isQuiet();
})->group('long');

it('offers what can be done about a line through a thing, and moves nothing before one way is chosen', function () {
    $table = fresh('--sheet=letter --photo=6x4in --columns=4', 'fit', 900, 600)->press('Fill the paper')->kept()->unfold('Place the crop');
    $table->script('document.querySelector("[data-test=crop]").focus()');
    $frame = fn () => $table->script('const r = document.querySelector("[data-test=crop]"); return ["x", "y", "width", "height"].map((a) => Math.round(Number(r.getAttribute(a))))');
    $before = $frame();
    $table->press('Keep lines off an object')->drawOn('[data-test=photo-board]', [0.42, 0.45], [0.55, 0.52])->see('[data-test=clearances]', 'the crop');
    expect($frame())->toBe($before);
    $table->press('leave it as it is');
    expect($table->all('[data-test=clearances]'))->toBe([])->and($frame())->toBe($before);
});

it('says before a grid is printed how its spaces come out, and that it cannot be undone', function () {
    fresh('--sheet=letter --photo=6x4in --columns=4', 'print/gridded')
        ->see('[data-test=spacing]', 'Across: ')->see('[data-test=sheet]', '')->isQuiet();
});
