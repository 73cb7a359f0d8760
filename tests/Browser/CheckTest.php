<?php

use Tests\Browser\Table;
use Tests\Photos;

it('takes lengths on the photo, compares them, and judges the drawing by its ruler', function () {
    $made = json_decode(Table::lay()->artisan('inch:new '.Photos::make(900, 600).' --title=Compared --sheet=9x6in --photo=9x6in --columns=3'), true);
    $table = Table::lay()->go("/drawing/{$made['drawing']}/check")->see('h2', 'Compare')->see('nav', 'nothing compared yet');
    $take = fn (array $from, array $to) => $table->press('take a length')->drawOn('[data-test=photo-board] image', $from, $to)->kept();
    $take([0.2, 0.5], [0.8, 0.5]);
    // The photo is as large as the paper: six tenths of 9 in, as near as a hand on a screen draws it.
    $length = fn (int $row): float => length($table->texts('[data-test=span-row] .large')[$row])->toFloat() / 25.4;
    $table->see('[data-test=span-row]', 'level');
    expect($length(0))->toEqualWithDelta(5.4, 0.1);
    $take([0.2, 0.5], [0.5, 0.5]);
    $table->see('[data-test=span-row]:nth-of-type(2)', '1/2 of length 1');
    expect($table->all('[data-test=span]'))->toHaveCount(4);
    $table->isAccessible('Check');

    // Measured on the drawing: one passes, one is out, on both boards and in the rung's own words.
    $first = $table->texts('[data-test=span-row] .large')[0];
    $table->write('On the drawing', $first)->kept()->see('[data-test=misfit]', 'right to the graduation')->see('nav', '1 of 2 measured, right so far');
    $table->browser->executeScript('document.querySelectorAll("[data-test=span-row] input")[3].focus()');
    $table->browser->getKeyboard()->sendKeys("4 in\n");
    $table->kept()->see('nav', '1 of 2 out')->see('[data-test=sums]', 'Farthest out is length 2');
    expect($table->all('[data-test=span] .out'))->toHaveCount(2);
    $table->isAccessible('Check, with one out');

    // A name, an undo, nonsense, and all of it again after a reload.
    $table->write('Name of length 1', 'table’s edge')->kept()->see('[data-test=span-row]:nth-of-type(2)', 'of table’s edge');
    $table->click('[data-test=undo]')->kept()->see('[data-test=span-row]:nth-of-type(2)', 'of length 1');
    $table->write('On the drawing', 'a bit')->see('.fault', 'is not a length')->write('On the drawing', $first)->kept();
    $table->browser->navigate()->refresh();
    $table->see('nav', '1 of 2 out')->press('Take away length 2')->kept()->see('nav', '1 measured, all right');
    expect($table->all('[data-test=span]'))->toHaveCount(2);
    $table->isQuiet();
});

it('finds what lies under what among the key points', function () {
    $made = json_decode(Table::lay()->artisan('inch:new '.Photos::make(900, 600).' --title=Plumb --sheet=9x6in --photo=9x6in --columns=3'), true);
    $table = Table::lay()->go("/drawing/{$made['drawing']}/check")->see('h2', 'Compare')->unfold('Key points');
    foreach ([[0.3, 0.2], [0.3, 0.8]] as $at) {
        $table->press('add a point')->drawOn('[data-test=photo-board] image', $at, $at)->kept();
    }
    $table->see('[data-test=alignments]', 'point 2 is plumb under point 1')->isAccessible('Check, aligned')->isQuiet();
});
