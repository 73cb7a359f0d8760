<?php

use Tests\Browser\Table;
use Tests\Photos;

it('goes through the last list, for the medium at hand, and keeps it', function () {
    $made = json_decode(Table::lay()->artisan('inch:new '.Photos::make(900, 600).' --title=Finished --sheet=11x8in --margin=1/2 --photo=9x6in --columns=3'), true);
    $table = Table::lay()->go("/drawing/{$made['drawing']}/finish")->see('[data-test=tasks]', 'lines of the grid')->see('nav', 'graphite');
    expect($table->text('[data-test=tasks]'))->toContain('cells were not copied', 'Careful.', 'metal edge')->not->toContain('Now that the guides are off');
    $table->isAccessible('Finish');
    $table->choose('What goes over the pencil', 'ink')->kept()->see('[data-test=tasks]', 'it does not hide what it does not cover');
    $count = count($table->all('[data-test=tasks] li'));
    foreach (range(1, $count) as $done) {
        $table->browser->executeScript('document.querySelector("[data-test=tasks] li:not(.done) input").click()');
        $done < $count && $table->see('[data-test=left]', ($count - $done)." of {$count} to do");
    }
    $table->see('[data-test=left]', 'All of it is done.')->kept()->see('nav', "ink, {$count} ticked");
    $table->write('One thing you would do otherwise', 'Look longer before the first line.')->kept()->isAccessible('Finish, done');
    $table->browser->navigate()->refresh();
    $table->see('[data-test=left]', 'All of it is done.');
    expect($table->field('One thing you would do otherwise')->getAttribute('value'))->toBe('Look longer before the first line.');
    $table->click('[data-test=undo]')->kept()->click('[data-test=undo]')->kept();
    Table::until(fn () => str_contains($table->text('[data-test=left]'), ' to do'), 'a tick to be taken back');
    $table->isQuiet();
});
