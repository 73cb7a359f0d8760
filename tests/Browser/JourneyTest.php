<?php

use Facebook\WebDriver\WebDriverKeys;
use Smalot\PdfParser\Parser;
use Tests\Browser\Hand;
use Tests\Browser\Table;
use Tests\Pdf;
use Tests\Photos;

/*
 * The whole of the work, from a photo to the first copied cell, as a person does it.
 */
it('goes from a photo to a printed grid and a copied cell, with the same numbers everywhere', function () {
    $table = Table::lay()->wholeShelf()->see('h1', 'Inch Ladder');
    $table->see('.boards', 'Next is square F4.')->isAccessibleThen('The shelf');
    expect($table->texts('.boards h2'))->toContain('Potting bench, late morning', 'Low water, evening', 'Jug on the sill');

    // Photo
    $table->choosePhoto(Photos::make(1500, 2100));
    $id = $table->arrive('/drawing/(\w+)/photo');
    $table->see('[data-test=sums]', '1500 × 2100 pixels')->see('[data-test=sums]', 'The taller side is the longer');
    $began = $table->text('nav');
    $table->press('Print')->write('Width, measured', '5 in')->write('Height, measured', '7"')->kept();
    $table->see('[data-test=sums]', 'Print 5 × 7 in.')->isAccessibleThen('Photo');

    // Paper
    $table
        ->click('nav li:nth-child(2) a')
        ->choose('Sheet', 'Letter')->kept()
        ->see('[data-test=advice]', 'Portrait fits best. It leaves 8 % of the sheet empty');
    foreach (['top', 'left', 'right', 'bottom'] as $side) {
        $table->write($side, '0');
    }
    $table->kept()->see('nav', 'Letter portrait')->isAccessibleThen('Paper');

    // Fit
    $table->click('nav li:nth-child(3) a')->press('Whole squares')->write('Cell on the paper', '1½')->kept();
    $table
        ->see('[data-test=figures]', '×1 1/2')
        ->see('[data-test=sums]', 'Nothing is cropped from the photo.')
        ->see('[data-test=sums]', 'Left over: 1 in across, 1/2 in down.');
    $table->isAccessibleThen('Fit');

    // Grid
    $table->click('nav li:nth-child(4) a')->see('nav', '5 × 7, A–E');
    foreach (['photo-board', 'paper-board'] as $board) {
        expect($table->texts("[data-test={$board}] .label"))->toBe(['A', 'B', 'C', 'D', 'E', '1', '2', '3', '4', '5', '6', '7']);
    }
    $table->unfold('Lines')->see('[data-test=line-reason]', 'shows best')->isAccessibleThen('Grid');

    // Marks: the table, the ladder and the command line say the same.
    $table->click('nav li:nth-child(5) a')->see('h2', 'Where each mark goes');
    $plan = json_decode($table->artisan('inch:plan --photo=5x7in --sheet=letter --fit=cells --cell=1.5in --json'), true);
    $bare = fn (array $length) => str_replace(' in', '', $length['text']);
    foreach (['down', 'across'] as $way) {
        $table->press($way);
        Table::until(fn () => count($table->all('[data-test=marks] tbody tr')) === 1 + count($plan['marks'][$way]), "the marks {$way}");
        $rows = array_chunk($table->texts('[data-test=marks] tbody :is(th, td:not(.off))'), 4);
        // The list begins with the frame's own edge.
        $edge = array_shift($rows);
        expect($edge[0])->toBe('0')->and($edge[2])->toBe('0')->and($rows)->toBe(array_map(fn (array $mark) => [(string) $mark['line'], $bare($mark['photo']), $bare($mark['rounded']), $bare($mark['sheet'])], $plan['marks'][$way]));
        $ladder = $table->texts('[data-test=ladder] .number');
        expect(array_values(array_filter($ladder, fn ($i) => $i % 2 === 0, ARRAY_FILTER_USE_KEY)))->toBe(['0', ...array_map(fn ($m) => $bare($m['photo']), $plan['marks'][$way])])
            ->and(array_values(array_filter($ladder, fn ($i) => $i % 2 === 1, ARRAY_FILTER_USE_KEY)))->toBe(['0', ...array_map(fn ($m) => $bare($m['rounded']), $plan['marks'][$way])]);
    }
    $table
        ->press('down')
        ->press('Line 3')
        ->see('[data-test=exact]', 'from the frame')
        ->see('[data-test=exact]', '4 1/2 in, on the ruler')
        ->isAccessibleThen('Marks');

    // Print: the PDF's lines are the marks.
    $table
        ->press('Print the numbers')
        ->press('Photo with grid')
        ->press('as the print');
    Table::until(fn () => str_contains((string) $table->find('[data-test=print-pdf]')->getAttribute('href'), 'at=print'), 'the sheet at print size');
    $pdf = (string) file_get_contents($table->address((string) $table->find('[data-test=print-pdf]')->getAttribute('href')));
    expect((new Parser)->parseContent($pdf)->getText())->toContain('5 by 7, at print size');
    [$across] = Pdf::ruled(Pdf::strokes($pdf), 105);
    foreach ($plan['marks']['across'] as $i => $mark) {
        expect($across[$i + 1])->toEqualWithDelta($mark['photo']['mm'], 0.1);
    }

    // Copy
    $table->click('nav li:nth-child(5) a')->click('nav li:nth-child(6) a')->see('[data-test=address]', 'A1');
    $cut = Table::until(fn () => $table->script('const i = document.querySelector("[data-test=cell-picture]"); return i && i.complete && [i.naturalWidth, i.naturalHeight]'), 'the cell’s picture');
    expect($cut)->toBe([300, 300]);
    $table->isAccessibleThen('Copy');
    $table->key(' ')->see('[data-test=address]', 'B1')->see('[data-test=progress]', '1 of 35 done');
    $table->key('x')->see('[data-test=address]', 'C1')->see('[data-test=progress]', '1 blank');
    $table->key(WebDriverKeys::ARROW_DOWN)->key(WebDriverKeys::ARROW_RIGHT)->see('[data-test=address]', 'D2');
    $table->key(WebDriverKeys::PAGE_DOWN)->see('[data-test=address]', 'E2')->see('[data-test=progress]', '2 of 34 done');
    $table->key(WebDriverKeys::BACKSPACE)->see('[data-test=address]', 'D2')->see('[data-test=progress]', '1 of 34 done');
    expect($table->path())->toBe("/drawing/{$id}/copy/4-2");

    // Reload in the middle, and quit and start again: everything is there.
    $table->browser->navigate()->refresh();
    $table->see('[data-test=address]', 'D2')->see('[data-test=progress]', '1 of 34 done');
    $table->stopServing();
    $table->serve();
    $table->go('/')
        ->see('.boards li:first-child', 'Letter portrait, 8 1/2 × 11 in · whole squares, ×1 1/2')
        ->see('.boards li:first-child', 'Next is square C1.');
    $table->go("/drawing/{$id}/copy")->see('[data-test=address]', 'C1');

    // Undo, over every choice made, back to the beginning; and redo.
    $table->go("/drawing/{$id}/fit")->see('[data-test=figures]', '×1 1/2');
    // What was done by hand is taken back as well, and grows no version.
    $version = fn () => json_decode((string) file_get_contents($table->address("/api/drawings/{$id}")), true)['edits'];
    $steps = 0;
    while ($table->find('[data-test=undo]')->isEnabled() && $steps < 60) {
        $before = $version();
        $table->click('[data-test=undo]');
        // The server has a step a moment before the page shows it: after the last one the button can still look ready.
        Table::until(fn () => $table->kept() && ($version() > $before || ! $table->find('[data-test=undo]')->isEnabled()), 'the undo');
        $steps += $version() > $before ? 1 : 0;
    }
    expect($steps)->toBeGreaterThanOrEqual(3);
    $table->see('nav', $began);
    $table->key('y', Hand::CONTROL);
    Table::until(fn () => $table->find('[data-test=undo]')->isEnabled(), 'the redo by key');
    for ($i = 1; $i < $steps; $i++) {
        $before = $version();
        $table->click('[data-test=redo]');
        Table::until(fn () => $version() > $before && $table->kept(), 'the redo');
    }
    Table::until(fn () => ! $table->find('[data-test=redo]')->isEnabled(), 'nothing to be left to redo');
    $table->see('[data-test=figures]', '×1 1/2');
    // The same at one press, from the list of what was changed, and back.
    $table->thisDrawing()->unfold('Changes')->see('[data-test=changes]', 'A1 copied')->isAccessibleThen('The changes')->click('[data-test=changes] li:last-child button');
    Table::until(fn () => ! $table->find('[data-test=undo]')->isEnabled(), 'the beginning');
    $table->see('nav:not(.places)', $began)->see('[data-test=changes] [aria-current]', 'begun')->see('[data-test=changes] li:first-child', 'undone');
    $table->click('[data-test=changes] li:first-child button')->see('[data-test=figures]', '×1 1/2');
    Table::until(fn () => ! $table->find('[data-test=redo]')->isEnabled(), 'the end');
    // A duplicate begins with the same plan and nothing copied.
    $table->press('Duplicate drawing');
    $copy = $table->arrive('/drawing/(\w+)/paper');
    expect($copy)->not->toBe($id);
    $table->see('h1', ', copy')->see('nav', '0 of 35')->isQuiet();
});

it('takes in a photo that is pasted, several at once, and one that is dropped on another page', function () {
    $bytes = fn (int $number): string => base64_encode((string) file_get_contents(Photos::photographic(300, 400, $number)));
    $give = <<<'JS'
        const [kind, named] = arguments
        const data = new DataTransfer()
        for (const [name, base64] of Object.entries(named)) data.items.add(new File([Uint8Array.from(atob(base64), (one) => one.charCodeAt(0))], name, { type: 'image/jpeg' }))
        if (kind === 'paste') window.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data }))
        else for (const type of ['dragenter', 'drop']) document.body.dispatchEvent(new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }))
        JS;
    $table = Table::lay()->go('/')->see('h1', 'Inch Ladder');
    $table->script($give, ['paste', ['pasted_pear.jpg' => $bytes(21)]]);
    $table->arrive('/drawing/(\w+)/photo');
    $table->see('h1', 'Pasted pear');
    // On another page two come in, and both lie on the first page; what is no picture says which it is.
    $table->script($give, ['drop', ['dropped_quince.jpg' => $bytes(22), 'dropped_plum.jpg' => $bytes(23), 'list.jpg' => base64_encode('no picture')]]);
    $table->see('.boards', 'Dropped quince')->see('.boards', 'Dropped plum')->see('[data-test=trouble]', 'list.jpg: ');
    // Another app, or another site, sends some: nothing is taken in before that is said, and what is left is gone.
    $share = <<<'JS'
        const form = Object.assign(document.createElement('form'), { method: 'POST', action: '/shared', enctype: 'multipart/form-data' })
        const input = Object.assign(document.createElement('input'), { type: 'file', name: 'photo', multiple: true })
        const data = new DataTransfer()
        for (const [name, base64] of Object.entries(arguments[0])) data.items.add(new File([Uint8Array.from(atob(base64), (one) => one.charCodeAt(0))], name, { type: 'image/jpeg' }))
        input.files = data.files
        form.append(input)
        document.body.append(form)
        form.submit()
        JS;
    Table::until(fn () => $table->script('return Boolean(navigator.serviceWorker.controller)'), 'the worker to serve the page');
    $table->script($share, [['sent_fig.jpg' => $bytes(24)]]);
    $table->see('[data-test=shared]', 'Another app has sent sent_fig.jpg.')->isAccessibleThen('The shelf, with a photo that was sent')->press('Leave it');
    $table->script($share, [['sent_medlar.jpg' => $bytes(25), 'sent_sloe.jpg' => $bytes(26)]]);
    $table->see('[data-test=shared]', 'Another app has sent 2 photos.')->press('Add')->see('.boards', 'Sent medlar')->see('.boards', 'Sent sloe');
    expect($table->all('[data-test=shared]'))->toBe([])->and($table->text('.boards'))->not->toContain('Sent fig');
    $table->go('/')->see('.boards', 'Sent sloe');
    expect($table->all('[data-test=shared]'))->toBe([]);
    // The shortcut of the installed app goes on with the last that was worked on.
    $table->go('/?go-on')->arrive('/drawing/\w+/\w+');
    $table->isQuiet();
});

it('brings a beginner to the first square in at most twelve presses, five decisions and 400 words', function () {
    $table = Table::lay()->go('/');
    $table->script('localStorage.removeItem("inch-ladder.begun")');
    $table->browser->navigate()->refresh();
    $presses = 0;
    $read = [];
    // What is read on the way: the page's question, what answers it, its result, and what comes next; not the labels of the rulers.
    $look = function () use ($table, &$read): void {
        $read[] = $table->script(<<<'JS'
            const inSight = (node) => { const range = document.createRange(); range.selectNodeContents(node); const r = range.getBoundingClientRect(); return node.parentElement.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true }) && r.width > 1 && r.top < innerHeight && r.bottom > 0 }
            let words = 0
            for (const part of document.querySelectorAll('[data-test=first-start], .begin, aside.workings, footer, [data-test=next], .tools')) {
                if (part.parentElement.closest('[data-test=first-start], .begin, aside.workings, footer, [data-test=next], .tools')) continue
                for (let walk = document.createTreeWalker(part, NodeFilter.SHOW_TEXT), node; (node = walk.nextNode());) if (node.textContent.trim() && inSight(node)) words += node.textContent.trim().split(/\s+/).length
            }
            return words
            JS);
    };
    $press = function (string $name) use ($table, &$presses): void {
        $table->press($name);
        $presses++;
    };
    // The two things that are asked, and the photo: three decisions. The sheet, the fit and the grid are shown as decided.
    $table->see('[data-test=first-start]', 'Which ruler do you use?');
    $look();
    $press('Centimetres');
    $press('right');
    $press('Start drawing');
    $table->see('.begin', 'Add');
    $look();
    $table->choosePhoto(Photos::photographic(900, 1200, 31));
    $presses++;
    $table->arrive('/drawing/(\w+)/photo');
    foreach (['Choose the paper' => 'paper', 'Set the fit' => 'fit', 'Choose the grid' => 'grid', 'See the marks' => 'marks'] as $black => $step) {
        Table::until(fn () => in_array($black, $table->texts('.button.strong'), true), "“{$black}” to lead on");
        expect(array_filter($table->texts('.button.strong')))->toBe([$black]);
        $look();
        $press($black);
        $table->arrive("/drawing/\w+/({$step})$");
    }
    $table->see('nav', 'A4 portrait')->see('nav', '6 × 8')->see('nav', '12 lines to rule');
    $look();
    // The lines ruled, by whatever help there is, the first square.
    $presses++;
    $table->click('nav li:nth-child(6) a')->see('[data-test=address]', 'A1');
    $look();
    $press('Done, next square');
    $table->see('[data-test=address]', 'B1');
    expect($presses)->toBeLessThanOrEqual(12)->and(array_sum($read))->toBeGreaterThan(100)->toBeLessThanOrEqual(400);
    $table->isQuiet();
});
