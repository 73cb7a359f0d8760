<?php

use Tests\Browser\Table;
use Tests\Photos;

/** A drawing of four coloured quarters at its Tone rung. */
function light(string $options = '--sheet=9x6in --photo=9x6in --columns=4'): Table
{
    $id = Table::lay()->begin(Photos::make(900, 600), "--title=Tone {$options}");

    return Table::lay()->go("/drawing/{$id}/tone")->see('[data-test=tone-bar]', '1');
}

it('counts tones, shows few of them, probes a place and prints the bar', function () {
    $table = light();
    $boxes = fn (): array => $table->texts('[data-test=tone-bar] b');
    expect($boxes())->toBe(['1', '2', '3', '4', '5'])->and($table->text('[data-test=tone-bar]'))->toContain('paper', '25 %');
    $table->see('[data-test=sums]', '5 boxes, numbered 1 to 5')->isAccessibleThen('Tone');

    // Fewer tones: the bar, the rung and the picture follow, and undo takes it back.
    $table->press('One of the tones less')->kept();
    Table::until(fn () => $boxes() === ['1', '2', '3', '4'], 'four boxes');
    expect($table->text('nav'))->toContain('4 tones');
    $table->press('4 tones');
    $shown = fn (): string => (string) $table->script('return document.querySelector("[data-test=photo-board] image").getAttribute("href")');
    Table::until(fn () => str_contains($shown(), 'tones.png'), 'the picture in four tones');
    expect(substr_count((string) preg_replace('/&.*/', '', $shown()), '-'))->toBe(3);
    $table->press('the bare paper is one of them')->kept()->see('[data-test=sums]', 'The bare paper is not counted');
    expect($table->text('[data-test=tone-bar]'))->not->toContain('paper');
    $table->click('[data-test=undo]')->kept()->see('[data-test=sums]', 'Step 1 is the bare paper');

    // A place is probed, and says its own step and cell; its box lights.
    $table->press('Photo')->press('Point at a place')->drawOn('[data-test=photo-board] image', [0.1, 0.1], [0.1, 0.1])->see('[data-test=probed]', 'in A1');
    $here = $table->text('[data-test=tone-bar] .here b');
    expect($table->text('[data-test=probed]'))->toBe("Step {$here}, in A1")->and($table->texts('[data-test=spot] text'))->toBe([$here]);
    $table->press('Stop pointing')->press('Show darkest and lightest')->see('[data-test=spots]', 'The lightest');
    $table->isAccessibleThen('Tone, probed');

    // What cannot be counted is said beside it.
    $table->write('Tones', '40')->see('.fault', 'Choose 2 to 10')->write('Tones', '3')->kept();
    Table::until(fn () => $boxes() === ['1', '2', '3'], 'three boxes');
    $table->browser->navigate()->refresh();
    $table->see('nav', '3 tones')->press('Print the bar');
    expect($table->arrive('/drawing/\w+/print/(\w+)'))->toBe('tones');
    $table->see('h2', 'What do you print?')->isQuiet();
});

it('leads to the check before tone goes over the lines, and to the end after it', function () {
    $table = light()->see('.next', 'Check before you shade.')->see('[data-test=next]', 'Photograph the drawing')->click('[data-test=next]');
    $table->arrive('/drawing/\w+/check');
    // Once it is photographed, tone leads on to the end.
    $table->click('[data-test=rehearse]')->kept()->see('[data-test=next]', 'Copy square A1');
    $table->go(preg_replace('~/check.*~', '/tone', $table->path()))->see('[data-test=tone-bar]', '1')->see('[data-test=next]', 'Finish the drawing');
});

it('keeps where the light comes from, hatches the paper as the photo runs, and goes by one word on the guides', function () {
    $id = Table::lay()->begin(Photos::photographic(900, 600, 4), '--title=Lit --sheet=9x6in --columns=3');
    $table = Table::lay()->go("/drawing/{$id}/photo")->see('.workings', 'What you copy from');
    $table->press('draw it')->drawOn('[data-test=photo-board] image', [0.1, 0.1], [0.5, 0.5])->kept()->see('[data-test=light-says]', 'The light comes from the upper left.');
    expect($table->all('.stage [data-test=light]'))->toHaveCount(2);
    $table->go("/drawing/{$id}/copy")->see('[data-test=light]', '')->isAccessibleThen('Copy, lit');

    // Strokes are drawn in a cell, and forgotten by undo.
    $table->go("/drawing/{$id}/tone")->unfold('How the strokes run')->click('[data-test=draw-strokes]')->drawOn('[data-test=photo-board] image', [0.1, 0.6], [0.25, 0.9])->kept();
    $table->see('[data-test=stroke]', 'as you drew it: falls')->see('[data-test=tone-order]', 'tone along with it')->isAccessibleThen('Tone, hatched');
    expect($table->all('.strokes.hand'))->toHaveCount(1);
    $table->click('[data-test=undo]')->kept();
    Table::until(fn () => $table->all('.strokes.hand') === [], 'the stroke to be forgotten');

    // One word on the guides, on every rung.
    $table->see('[data-test=guides-off]', 'before the first tone')->go("/drawing/{$id}/finish")->choose('What goes over the pencil', 'ink')->kept();
    foreach (['grid', 'tone'] as $rung) {
        $table->go("/drawing/{$id}/{$rung}")->see('[data-test=guides-off]', 'before ink');
    }
    $table->see('[data-test=tone-order-why]', 'The line stands alone');
    $table->go("/drawing/{$id}/paper")->see('[data-test=caution]', 'Strong magnets')->press('Dismiss')->kept();
    expect($table->all('[data-test=caution]'))->toHaveCount(0);
    $table->isQuiet();
})->group('long');
