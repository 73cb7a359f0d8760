<?php

use Tests\Browser\Table;
use Tests\Photos;

/** A drawing from a photographic picture, at one of its rungs. */
function material(string $rung, string $options = '--sheet=9x6in --photo=9x6in --columns=3'): Table
{
    $id = Table::lay()->begin(Photos::photographic(900, 600, 6), "--title=Materials {$options}");

    return Table::lay()->go("/drawing/{$id}/{$rung}")->see('.workings', '');
}

it('has pencils named, their swatches read, and the bar set to what they reach', function () {
    $table = material('tone')->see('[data-test=tone-bar]', '1')->unfold('What colour is it')->press('Your pencils')->see('h1', 'Settings');
    $add = fn (string $name) => $table->write('Pencils: one, or a whole box', $name)->press('put it on the list');
    $add('Stub 1')->see('[data-test=pencils]', 'Not looked at yet.');
    $add('Stub 1')->see('[data-test=pencils-added]', 'Stub 1 was on it already');
    // A whole box, and off again with one click.
    $add('Twig 1 to 12')->see('[data-test=pencils-added]', '12 pencils are on the list now');
    Table::until(fn () => count($table->all('[data-test=pencil]')) === 13, 'a box of pencils');
    $table->press('take them off again');
    Table::until(fn () => count($table->all('[data-test=pencil]')) === 1, 'the box to be gone');
    $add('red #12')->see('[data-test=pencil-fault]', '“#12” is no colour');
    $add('Stub 2');
    Table::until(fn () => count($table->all('[data-test=pencil]')) === 2, 'two pencils');
    $table->isAccessibleThen('Settings');
    // The simulated camera fills in and photographs the page; nothing is kept before it is told to.
    $table->click('[data-test=rehearse-swatches]')->see('[data-test=read]', 'Stub 1');
    expect(count($table->all('[data-test=pencil] .spot.none')))->toBe(4);
    $table->press('keep these');
    Table::until(fn () => $table->all('[data-test=pencil] .spot.none') === [], 'the colours to be kept');
    // A pencil is taken off only when that was said twice.
    $table->press('Delete Stub 2')->see('[data-test=pencils]', 'Yes, delete it')->press('Delete Stub 2');
    Table::until(fn () => count($table->all('[data-test=pencil]')) === 1, 'one pencil');
    $table->press('back to the drawing')->see('[data-test=reach]', 'Stub 1')->press('set the bar to what I reach')->kept()->see('[data-test=reach]', 'The bar is set');
    $table->click('[data-test=undo]')->kept()->see('[data-test=reach]', 'beyond what your pencils reach');
    $table->unfold('What colour is it')->click('[data-test=ask-colour]')->drawOn('[data-test=photo-board] image', [0.4, 0.4], [0.4, 0.4])->see('[data-test=colour]', 'L*')->see('[data-test=near]', 'Stub 1')->isAccessibleThen('Tone, coloured');
    $table->press('Cancel')->go('/settings')->press('Delete Stub 1')->press('Delete Stub 1');
    Table::until(fn () => $table->all('[data-test=pencil]') === [], 'no pencil');
    $table->isQuiet();
});

it('takes a second sheet of a drawing, shows both on the shelf, and takes one away', function () {
    $table = material('paper')->thisDrawing()->unfold('Sheets of this drawing');
    $first = $table->path();
    $table->click('[data-test=another-good]');
    Table::until(fn () => $table->path() !== $first, 'the new sheet to lie there');
    $table->thisDrawing()->unfold('Sheets of this drawing')->see('[data-test=purpose]', 'The final sheet')->see('[data-test=sheets-of]', 'final sheet')->isAccessibleThen('Paper, two sheets');
    expect($table->all('[data-test=sheets-of] .sheet'))->toHaveCount(2);
    $table->unfold('Set-up')->press('Square to the board')->kept()->unfold('What it stands')->choose('It is', 'watercolour paper')->kept()->see('[data-test=profile]', 'transfer the lines');
    $table->go('/')->see('[data-test=sheets]', 'final sheet')->isAccessibleThen('The shelf, two sheets');
    expect($table->all('[data-test=sheets] .sheet'))->toHaveCount(2);
    $table->browser->navigate()->back();
    $table->thisDrawing()->unfold('Sheets of this drawing')->click('[data-test=take-sheet-away]')->see('[data-test=take-sheet-away]', 'Yes, delete it')->click('[data-test=take-sheet-away]');
    Table::until(fn () => $table->all('[data-test=take-sheet-away]') === [], 'the other sheet to be shown alone');
    $table->go('/')->see('.boards', 'Materials');
    expect($table->all('[data-test=sheets]'))->toBe([]);
    $table->isQuiet();
});

it('lays an oval over the picture, on both boards, and on the list of what comes off', function () {
    $table = material('photo')->unfold('Ovals, boxes, triangles')->click('[data-test=lay-oval]')->drawOn('[data-test=photo-board] image', [0.3, 0.5], [0.6, 0.5]);
    $table->drawOn('[data-test=photo-board] image', [0.45, 0.35], [0.45, 0.35])->see('[data-test=shape]', 'level')->kept()->isAccessibleThen('Photo, with a shape');
    expect($table->all('.stage [data-test=shapes]'))->toHaveCount(2);
    $path = $table->path();
    $table->key('v');
    Table::until(fn () => $table->all('.stage [data-test=shapes]') === [], 'the shapes to be hidden');
    $table->key('v');
    $table->go(preg_replace('~/photo$~', '/finish', $path))->click('[data-test=task-guides] .name')->see('.what', 'the shape you laid over');
    // A study that is carried over leaves its guides behind.
    $table->choose('The study is', 'pounce')->kept()->see('[data-test=tasks]', 'Transfer it')->click('[data-test=task-carry] .name')->see('.what', 'Prick the contour')->isAccessibleThen('Finish, carried over');
    expect($table->text('[data-test=tasks]'))->not->toContain('Guides off');
    $table->press('print the contour')->see('h2', 'What do you print?');
    $table->go($path)->click('[data-test=undo]')->kept()->click('[data-test=undo]')->kept();
    Table::until(fn () => $table->all('.stage [data-test=shapes]') === [], 'the shape to be taken back');
    $table->isQuiet();
});

it('says in time that a relief print comes out left for right, and mirrors the plan', function () {
    $table = material('finish')->choose('What goes over the pencil', 'relief print')->kept();
    $table->go(preg_replace('~/finish$~', '/photo', $table->path()))->see('[data-test=swapped]', 'left for right')->press('mirror it now')->kept()->see('[data-test=swapped]', 'as it must stand on the block')->isAccessibleThen('Photo, mirrored for a print');
    $table->click('[data-test=undo]')->kept()->see('[data-test=swapped]', 'Mirror the photo now')->isQuiet();
})->group('long');
