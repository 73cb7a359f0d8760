<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Hand;
use Tests\Browser\Table;
use Tests\Photos;

it('takes lengths on the photo, compares them, and judges the drawing by its ruler', function () {
    $id = Table::lay()->begin(Photos::make(900, 600), '--title=Compared --sheet=9x6in --photo=9x6in --columns=3');
    $table = Table::lay()->go("/drawing/{$id}/check")->see('.workings', 'Measure a length')->see('nav', 'not checked yet');
    $take = fn (array $from, array $to) => $table->press('Measure a length')->drawOn('[data-test=photo-board] image', $from, $to)->kept();
    $take([0.2, 0.5], [0.8, 0.5]);
    // The photo is as large as the paper: six tenths of 9 in, as near as a hand on a screen draws it.
    $length = fn (int $row): float => length($table->texts('[data-test=span-row] .large')[$row])->toFloat() / 25.4;
    $table->see('[data-test=span-row]', 'level');
    expect($length(0))->toEqualWithDelta(5.4, 0.1);
    $take([0.2, 0.5], [0.5, 0.5]);
    $table->see('[data-test=span-row]:nth-of-type(2)', '1/2 of length 1');
    expect($table->all('[data-test=span]'))->toHaveCount(4);
    $table->isAccessibleThen('Check');

    // Measured on the drawing: one passes, one is out, on both boards and in the rung's own words.
    $first = $table->texts('[data-test=span-row] .large')[0];
    $table->write('On the drawing', $first)->kept()->see('[data-test=misfit]', 'right to the ruler division')->see('nav', '1 of 2 lengths right');
    $table->script('document.querySelectorAll("[data-test=span-row] input")[3].focus()');
    $table->key("4 in\n");
    $table->kept()->see('nav', '1 of 2 out')->see('[data-test=sums]', 'Farthest out is length 2');
    expect($table->all('[data-test=span] .out'))->toHaveCount(2);
    $table->isAccessibleThen('Check, with one out');

    // A name, an undo, nonsense, and all of it again after a reload.
    $table->write('Name of length 1', 'table’s edge')->kept()->see('[data-test=span-row]:nth-of-type(2)', 'of table’s edge');
    $table->click('[data-test=undo]')->kept()->see('[data-test=span-row]:nth-of-type(2)', 'of length 1');
    $table->write('On the drawing', 'a bit')->see('.fault', 'is not a length')->write('On the drawing', $first)->kept();
    $table->browser->navigate()->refresh();
    $table->see('nav', '1 of 2 out')->press('Delete length 2')->kept()->see('nav', 'lengths right: 1');
    expect($table->all('[data-test=span]'))->toHaveCount(2);
    $table->isQuiet();
});

it('finds what lies under what among the key points', function () {
    $id = Table::lay()->begin(Photos::make(900, 600), '--title=Plumb --sheet=9x6in --photo=9x6in --columns=3');
    $table = Table::lay()->go("/drawing/{$id}/check")->see('.workings', 'Measure a length')->unfold('Key points');
    foreach ([[0.3, 0.2], [0.3, 0.8]] as $at) {
        $table->press('add a point')->drawOn('[data-test=photo-board] image', $at, $at)->kept();
    }
    $table->unfold('Plumb and level lines')->see('[data-test=alignments]', 'point 2 is plumb under point 1')->isAccessibleThen('Check, aligned')->isQuiet();
});

it('looks at the drawing: a shot is found, laid over, judged, and put right by hand', function () {
    $table = Table::lay();
    $id = collect($table->shelf())->firstWhere('title', 'Jug on the sill')['id'];
    $table->go("/drawing/{$id}/check")->see('[data-test=shots]', 'Photograph it again');
    expect($table->all('[data-test=shot]'))->toHaveCount(2);
    $table->click('[data-test=shot]')->see('[data-test=verdict]', '“spout” is')->see('[data-test=verdict]', 'mend that first');
    expect($table->all('[data-test=judged-out]'))->toHaveCount(1)->and(count($table->all('[data-test=judged-within]')))->toBeGreaterThan(4);
    $table->isAccessibleThen('Check, a shot');

    // The photo over it, five ways and its contours; a key each.
    foreach (['2', '5'] as $key) {
        $table->key($key)->see('[data-test=photo-over]', '');
    }
    $table->key('4')->see('[data-test=photo-over]', '')->key('c')->see('[data-test=shot-contours]', '')->key('1');
    expect($table->all('[data-test=photo-over]'))->toHaveCount(0);

    // What was not found for sure is set by hand; what was meant is left out; both are taken back.
    $table->unfold('All differences')->see('.workings', 'was not found for sure');
    $table->script('[...document.querySelectorAll("[data-test=judged]")].find((one) => one.textContent.includes("was not found for sure")).querySelectorAll("button")[1].click()');
    $table->see('[data-test=placing]', 'Click where');
    // From near by: what is thought to be the place lies in the middle.
    $table->drawOn('.stage', [0.5, 0.5], [0.5, 0.5])->kept();
    $table->press('On purpose')->kept()->see('.verdict', 'Changed on purpose');
    $table->click('[data-test=undo]')->kept()->click('[data-test=undo]')->kept()->see('.workings', 'was not found for sure');

    // The corners, by keys under the loupe; a reload and the way back know the shot.
    $table->click('[data-test=set-corners]')->see('.corners', 'Drag each grip');
    $table->script('document.querySelector("[data-test=grip-0]").focus()');
    $table->key(WebDriverKeys::ARROW_RIGHT);
    $table->see('[data-test=loupe]', '')->isAccessible('Check, corners')->click('[data-test=corners-done]')->kept()->see('[data-test=verdict]', 'spout');
    $table->browser->navigate()->refresh();
    $table->see('[data-test=verdict]', 'spout')->press('Hide the drawing photo');
    expect($table->all('[data-test=shot-board]'))->toHaveCount(0);
    $table->browser->navigate()->back();
    $table->see('[data-test=verdict]', 'spout');

    // One thing by itself: it fills the boards, and the photo is laid over it alone.
    $table->unfold('My drawing photos')->script('document.querySelector("[data-test=by-thing]").click()');
    Table::until(fn () => str_contains(implode($table->texts('.el-select-dropdown')), 'plum'), 'the objects to choose from');
    $table->script('[...document.querySelectorAll(".el-select-dropdown__item")].find((one) => one.textContent === "jug").click()');
    $table->see('[data-test=thing-over]', '')->key('2')->see('[data-test=photo-over]', '')->see('.boards .whole', 'Fit to window')->see('[data-test=placement]', 'jug')->key('1')->key('0');

    // What goes behind what is ticked, and taken back.
    $table->unfold('What meets, touches, goes behind')->see('.workings', '0 of ')->see('.workings', '“pear” goes behind “lying pear”')->click('[data-test=relation]')->kept()->see('.workings', '1 of ')->click('[data-test=undo]')->kept()->see('.workings', '0 of ');
    $table->isAccessibleThen('Check, one thing');

    // The same shot, cell by cell in Copy; and where the last list asks for one.
    $table->go("/drawing/{$id}/copy/6-7")->see('[data-test=address]', 'F7')->key('p')->see('[data-test=cell-shot]', '')->key('l')->key('p');
    expect($table->all('[data-test=cell-shot]'))->toHaveCount(0);
    $table->go("/drawing/{$id}/finish")->click('[data-test="task-shot"] .name')->see('.what', '2 drawing photos are kept already')->click('[data-test="task-last shot"] .name')->see('.what', 'Photograph it once more');
    $table->click('[data-test=shot]')->see('[data-test=verdict]', 'spout')->isAccessibleThen('Finish, a shot');
    $table->browser->navigate()->back();
    expect($table->all('[data-test=shot-board]'))->toHaveCount(0);
    $table->go("/drawing/{$id}/check")->click('[data-test=shot]')->see('[data-test=verdict]', 'spout');

    $table->isQuiet();
});

it('looks at how it went from one photo of the drawing to the next, and takes another by the simulated camera', function () {
    $table = Table::lay();
    $id = collect($table->shelf())->firstWhere('title', 'Jug on the sill')['id'];
    $table->go("/drawing/{$id}/check")->click('[data-test=shot]')->see('[data-test=verdict]', 'spout');
    $table->unfold('Over time')->see('[data-test=trend]', 'typically');
    $table->click('[data-test=rehearse]')->see('.workings li:nth-child(3) [data-test=shot]', '20')->kept()->see('[data-test=verdict]', '');
    $table->click('[data-test=undo]')->kept();
    $table->isQuiet();
})->group('long');

it('lays instruments on the table without a drawing', function () {
    $table = Table::lay()->go('/instruments')->see('[data-test=scale]', '×1 1/2');
    $table->write('A length on the photo', '4 cm')->write('The same on the paper', '10 cm')->write('Another length', '3 cm')->see('[data-test=scale]', '7.5 cm')->see('[data-test=scale]', '2.5 cm');
    $table->write('A part of it', 'a bit')->see('.fault', 'is no part')->write('A part of it', '2/5')->see('[data-test=scale]', '2/5 of it');
    $table->write('From tip to tip', '200 mm')->write('Paper to photo', '2')->see('[data-test=dividers]', '2 5/8 in from the short end');
    $table->write('Diagonal falling to the right', '15 in')->write('Diagonal rising to the right', '15 1/4 in')->see('[data-test=square]', 'Not square');
    $table->press('ISO 216, A')->see('[data-test=papers]', '21 × 29.7 cm')->isAccessibleThen('Instruments');
    $table->browser->navigate()->refresh();
    $table->see('[data-test=scale]', '2/5 of it')->press('My drawings')->see('h1', 'Inch Ladder')->isQuiet();
})->group('long');

it('squares up a page that was taken askew, looks at it before the first line, and leaves the snapshot as it is', function () {
    $table = Table::lay();
    $id = $table->begin(database_path('demo/shots/jug-placed.jpg'), '--title=Sketchbook');
    $table->go("/drawing/{$id}/photo")->unfold('Make a tilted photo straight')->click('[data-test=square-up]')->see('.corners', 'Set the four corners');
    $table->isAccessibleThen('Photo, corners of a page')->click('[data-test=corners-done]');
    $table->arrive('/drawing/(?!'.$id.')([0-9a-z]+)/photo');
    $table->see('.workings', 'What you copy from')->unfold('What to see first')->see('[data-test=warm-up]', 'times as high as it is wide')->isAccessibleThen('Photo, warming up');
    $shelf = collect($table->shelf());
    expect($shelf->pluck('title'))->toContain('Sketchbook', 'Sketchbook, squared');
    $table->browser->navigate()->back();
    $table->see('.workings', 'What you copy from');
    $table->isQuiet();
})->group('long');

it('measures by keys and by two clicks as by dragging, asks nothing while it is dragged, and reads out each step', function () {
    $id = Table::lay()->begin(Photos::make(900, 600), '--title=Keyed --sheet=9x6in --photo=9x6in --columns=3');
    $table = Table::lay()->go("/drawing/{$id}/marks")->see('h2', 'Where each mark goes')->click('nav li:nth-child(7) a')->see('.workings', 'Measure a length');
    $focused = fn (): string => (string) $table->script('return document.activeElement.innerText');
    // The heading of the step has the focus, and the way past strip and steps is one Tab from the top.
    Table::until(fn () => $focused() === $table->script('return document.querySelector(".workings h2").innerText'), 'the heading to take the focus');
    $table->script('document.querySelector(".skip").focus()');
    expect($table->script('const r = document.querySelector(".skip").getBoundingClientRect(); return r.top >= 0 && r.height > 20'))->toBeTrue();
    $table->key("\n");
    expect($table->script('return document.activeElement === document.querySelector("aside.workings")'))->toBeTrue();

    $length = fn (int $row): float => length($table->texts('[data-test=span-row] .large')[$row])->toFloat() / 25.4;
    // From the middle ten steps of a tenth to the left end, and back to the right one, with Shift: all of 9 in.
    $arrows = fn (string $arrow, int $times) => array_map(fn () => $table->key($arrow, Hand::SHIFT), range(1, $times));
    $table->press('Measure a length')->see('[data-test=hint]', 'Or use the arrow keys.');
    $arrows(WebDriverKeys::ARROW_LEFT, 7);
    $table->see('[data-test=cross-hair]', '0 % across, 50 % down')->key("\n");
    $arrows(WebDriverKeys::ARROW_RIGHT, 6);
    $table->see('[data-test=cross-hair]', '60 % across, 50 % down')->key("\n")->kept()->see('[data-test=span-row]', 'level');
    expect($length(0))->toEqualWithDelta(5.4, 1 / 32);
    // Two clicks.
    $photo = '[data-test=photo-board] image';
    $table->press('Measure a length')->drawOn($photo, [0.2, 0.5], [0.2, 0.5])->drawOn($photo, [0.8, 0.5], [0.8, 0.5])->kept();
    expect($length(1))->toEqualWithDelta(5.4, 0.1);
    // Escape leaves it, and the button that it was taken up with has the focus again.
    $table->press('Measure a length')->key(WebDriverKeys::ESCAPE);
    expect($focused())->toBe('Measure a length')->and($table->all('[data-test=hint]'))->toBe([]);

    $table->click('nav li:nth-child(3) a')->see('h2', 'Match photo and paper')->press('Fill the paper')->kept();
    $table->script('performance.clearResourceTimings()');
    $table->drawOn('[data-test=crop]', [0.4, 0.5], [0.6, 0.5])->kept();
    expect($table->script('return performance.getEntriesByType("resource").filter((e) => e.name.endsWith("/api/point")).length'))->toBeLessThan(3);
    $table->isQuiet();
});
