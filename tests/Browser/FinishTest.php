<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Table;
use Tests\Photos;

it('goes through the last list, for the medium at hand, and keeps it', function () {
    $id = Table::lay()->begin(Photos::make(900, 600), '--title=Finished --sheet=11x8in --margin=1/2 --photo=9x6in --columns=3');
    $table = Table::lay()->go("/drawing/{$id}/finish")->see('[data-test=tasks]', 'Guides off')->see('nav', 'graphite');
    // A line each; the one in hand with what to do, and any other where it is opened.
    expect($table->text('.what'))->toContain('cells were not copied')->not->toContain('Knife', 'lines of the grid');
    $table->click('[data-test=task-trim] .name')->see('.what', 'Knife')->see('.what', 'metal edge')->click('[data-test=task-guides] .name')->see('.what', 'lines of the grid');
    $table->isAccessibleThen('Finish');
    $table->choose('What goes over the pencil', 'ink')->kept()->see('[data-test=tasks]', 'Before it is final')->see('.what', 'it does not hide what it does not cover')->see('[data-test=tasks]', 'Ink');
    // A kind of guides by itself, which does not tick the rest.
    $table->press('the frame, unless it stays')->kept();
    expect($table->all('[data-test="task-guides"].done'))->toBe([]);
    $table->click('[data-test=undo]')->kept();
    $count = count($table->all('[data-test=tasks] > li'));
    foreach (range(1, $count) as $done) {
        $table->script('document.querySelector("[data-test=tasks] > li:not(.done) input").click()');
        $done < $count && $table->see('[data-test=left]', ($count - $done)." of {$count} to do");
    }
    $table->see('[data-test=left]', 'All of it is done.')->kept()->see('nav', "ink, {$count} ticked");
    $table->click('[data-test=task-lesson] .name')->write('One thing you would do otherwise', 'Look longer before the first line.')->kept()->isAccessibleThen('Finish, done');
    $table->browser->navigate()->refresh();
    $table->see('[data-test=left]', 'All of it is done.');
    $table->click('[data-test=task-lesson] .name');
    expect($table->field('One thing you would do otherwise')->getAttribute('value'))->toBe('Look longer before the first line.');
    $table->click('[data-test=undo]')->kept()->click('[data-test=undo]')->kept();
    Table::until(fn () => str_contains($table->text('[data-test=left]'), ' to do'), 'a tick to be taken back');
    $table->isQuiet();
});

it('has its list once the server answers again, without a reload', function () {
    $id = Table::lay()->begin(Photos::make(900, 600), '--title=Waited --sheet=9x6in --photo=9x6in --columns=3 --rows=2');
    $inVain = fn (Table $table) => $table->go("/drawing/{$id}/finish")->see('[data-test=left]', '0 of 0');
    Table::lay()->withoutAnswer('*/finish', $inVain)->see('[data-test=tasks]', 'Guides off');
});

it('keeps its own record: time by itself while one works, a page with the cells against time, and a lesson', function () {
    $id = Table::lay()->begin(Photos::make(900, 600), '--title=Recorded --sheet=9x6in --photo=9x6in --columns=3 --rows=2');
    // Time runs a tenth as long here: it counts in steps of five seconds.
    $hurry = Table::lay()->devtools('Page.addScriptToEvaluateOnNewDocument', ['source' => 'window.steps = 0; const every = window.setInterval; window.setInterval = (act, ms, ...more) => every(() => { if (ms === 5000) window.steps++; act(...more) }, ms / 10)']);
    $table = Table::lay()->go("/drawing/{$id}/copy");
    $table->devtools('Page.removeScriptToEvaluateOnNewDocument', $hurry);
    $table->see('[data-test=address]', 'A1')->key(' ')->see('[data-test=address]', 'B1')->key('f')->kept();
    Table::until(fn () => $table->script('return window.steps > 0'), 'a step of time');
    // Time is told when the page is left, by whichever way.
    $table->thisDrawing()->press('Log')->see('[data-test=sitting]', 'under a minute')->see('[data-test=left-open]', 'Flagged: B1')->see('[data-test=log]', 'Copy');
    Table::until(fn () => $table->all('[data-test=plot] svg path') !== [], 'the plot');
    $table->isAccessibleThen('The log');
    $table->find('[data-test=sitting] input')->sendKeys('Start with the rim'.WebDriverKeys::ENTER);
    Table::until(fn () => (json_decode((string) file_get_contents($table->address("/api/drawings/{$id}/log")), true)['sittings'][0]['lesson'] ?? '') === 'Start with the rim', 'the lesson to be kept');
    $table->browser->navigate()->refresh();
    $table->find('[data-test=sitting] input');
    expect($table->script('return document.querySelector("[data-test=sitting] input").value'))->toBe('Start with the rim');
    $table->isQuiet();
});
