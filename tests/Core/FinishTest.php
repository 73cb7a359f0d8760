<?php

use InchLadder\Finish\Caution;
use InchLadder\Finish\Closing;
use InchLadder\Finish\Cut;
use InchLadder\Finish\Guides;
use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Leftovers;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Task;
use InchLadder\Finish\Transfer;
use InchLadder\Grid\Division;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Margins;
use InchLadder\Photo\Reference;
use Tests\Core\Plans;

/** 180 × 240 mm in a sheet of 200 × 260 mm, in four columns. */
function framed(mixed ...$more): Layout
{
    return Plans::of(
        Reference::onScreen(900, 1200), size('200x260mm'),
        ...['margins' => Margins::all(Length::mm(Rational::of(10))), 'ruler' => '1 mm', ...$more],
    )->layout;
}

/** @return list<string> what is left to do, in its order */
function tasks(Medium $medium, Leftovers $left = new Leftovers, ?GuidesOff $guides = null, ?Transfer $transfer = null): array
{
    return array_column(Closing::tasks(framed(), $medium, $left, $guides, $transfer), 'value');
}

it('asks for what is left to do, and for nothing else', function (array $left, string $asks) {
    $none = tasks(Medium::Graphite);
    $some = tasks(Medium::Graphite, new Leftovers(...$left));
    expect(array_values(array_diff($some, $none)))->toBe([$asks])->and(array_diff($none, $some))->toBe([]);
})->with([
    'cells that are not copied' => [['open' => 1], 'open'],
    'cells to be looked at again' => [['doubtful' => ['B3']], 'doubtful'],
    'lengths that do not pass' => [['out' => ['jug to rim']], 'lengths'],
    'notes' => [['noted' => ['A1']], 'notes'],
    'things that are only begun' => [['unfilled' => ['jug']], 'areas'],
    'whites' => [['whites' => 2], 'whites'],
    'guides in bare cells' => [['light' => ['C2']], 'light'],
]);

it('goes from what is open to what keeps the sheet', function () {
    expect(tasks(Medium::Graphite))->toBe(['shot', 'guides', 'edges', 'restate', 'tidy', 'last shot', 'trim', 'protect', 'lesson']);
});

it('lifts the guides when they are meant to come off', function () {
    $light = new Leftovers(light: ['C2']);
    $about = ['light', 'guides', 'edges', 'restate', 'over', 'tidy'];
    $order = static fn (?GuidesOff $guides): array => array_values(array_intersect(tasks(Medium::Ink, $light, $guides), $about));
    expect($order(GuidesOff::BeforeMedium))->toBe(['light', 'guides', 'edges', 'restate', 'over', 'tidy'])
        ->and($order(GuidesOff::AtTheEnd))->toBe(['over', 'tidy', 'light', 'guides', 'edges', 'restate'])
        ->and($order(GuidesOff::Never))->toBe(['edges', 'over', 'tidy']);
    // What comes after them still comes last.
    expect(array_slice(tasks(Medium::Ink, $light, GuidesOff::AtTheEnd), -4))->toBe(['last shot', 'trim', 'protect', 'lesson']);
});

it('leaves the guides of a study where they are', function () {
    $carried = tasks(Medium::Graphite, new Leftovers(light: ['C2']), null, Transfer::Pounce);
    expect($carried)->toContain('carry')->and(array_intersect($carried, ['light', 'guides', 'edges', 'restate']))->toBe([]);
});

it('has its last photograph and its knife only where there is something to cut', function () {
    $filled = Plans::of(Reference::onScreen(900, 1200), size('180x240mm'), ruler: '1 mm')->layout;
    expect(array_column(Closing::tasks($filled, Medium::Graphite, new Leftovers), 'value'))->not->toContain('last shot')
        ->and(Cut::round($filled))->toBeNull();
    $cut = Cut::round(framed());
    expect(array_map(static fn (Length $one): float => $one->toFloat(), [$cut->left, $cut->right, $cut->top, $cut->bottom]))
        ->toBe([10.0, 190.0, 10.0, 250.0]);
});

it('knows what goes over the pencil, and when its guides come off', function (
    Medium $medium, bool $over, bool $before, GuidesOff $off, int $ways,
) {
    $tasks = tasks($medium);
    expect(in_array('over', $tasks, true))->toBe($over)->and(in_array('before', $tasks, true))->toBe($before)
        ->and(GuidesOff::under($medium))->toBe($off)->and(GuidesOff::ways($medium))->toHaveCount($ways)->toContain($off);
})->with([
    [Medium::Graphite, false, false, GuidesOff::BeforeTone, 4],
    [Medium::Ink, true, true, GuidesOff::BeforeMedium, 5],
    [Medium::Wash, true, true, GuidesOff::BeforeMedium, 5],
    [Medium::Pastel, true, false, GuidesOff::BeforeMedium, 5],
    [Medium::Crayon, true, true, GuidesOff::BeforeMedium, 5],
    [Medium::Paint, true, true, GuidesOff::BeforeMedium, 5],
    [Medium::Relief, true, false, GuidesOff::BeforeMedium, 5],
]);

it('names the guides that are on the sheet, the faintest first', function (array $more, int $shapes, array $kinds) {
    expect(Guides::on(framed(...$more), $shapes)->kinds())->toBe($kinds);
})->with([
    // Four columns leave three lines; cells of 45 mm leave five of the level ones.
    'a grid' => [[], 0, ['lines' => 8, 'errors' => 0, 'frame' => 0]],
    'cells cut finer' => fn () => [
        ['divisions' => [new Division(1, 1, 2), new Division(2, 1, 3)]], 0,
        ['lines' => 8, 'cells' => 2, 'errors' => 0, 'frame' => 0],
    ],
    'shapes' => [[], 3, ['lines' => 8, 'shapes' => 3, 'errors' => 0, 'frame' => 0]],
    // One column of 180 mm leaves a row that is begun.
    'one column' => fn () => [['school' => SquaresByCount::across(1)], 0, ['lines' => 1, 'errors' => 0, 'frame' => 0]],
]);

it('warns of what can hurt, at its moment', function (string $rung, Medium $medium, string $sheet, array $warns) {
    expect(array_column(Caution::on($rung, $medium, size($sheet)), 'value'))->toBe($warns);
})->with([
    'magnets hold the sheet' => ['paper', Medium::Graphite, '200x260mm', ['magnets']],
    'a sheet on a wall' => ['paper', Medium::Graphite, '900x1501mm', ['magnets', 'height']],
    'not one as high as a table is wide' => ['paper', Medium::Graphite, '900x1500mm', ['magnets']],
    'marking out on a wall' => ['marks', Medium::Graphite, '900x1501mm', ['height']],
    'copying on a wall' => ['copy', Medium::Graphite, '900x1501mm', ['height']],
    'points of dividers' => ['dividers', Medium::Graphite, '200x260mm', ['points']],
    'dust of pastel' => ['tone', Medium::Pastel, '200x260mm', ['dust']],
    'no dust of graphite' => ['tone', Medium::Graphite, '200x260mm', []],
    'nothing on the grid' => ['grid', Medium::Pastel, '900x1501mm', []],
]);

it('warns of a task that can hurt', function (Task $task, Medium $medium, bool $cuts, ?Transfer $transfer, array $warns) {
    expect(array_column(Caution::with($task, $medium, $cuts, $transfer), 'value'))->toBe($warns);
})->with([
    'a knife' => [Task::Trim, Medium::Graphite, true, null, ['knife']],
    'no knife where nothing is cut' => [Task::Trim, Medium::Graphite, false, null, []],
    'spray on graphite' => [Task::Protect, Medium::Graphite, false, null, ['fixative']],
    'dust and spray on pastel' => [Task::Protect, Medium::Pastel, false, null, ['dust', 'fixative']],
    'varnish on paint' => [Task::Protect, Medium::Paint, false, null, ['solvent']],
    'nothing on ink' => [Task::Protect, Medium::Ink, false, null, []],
    'a gouge and printing ink' => [Task::Over, Medium::Relief, false, null, ['gouge', 'solvent']],
    'thinner of paint' => [Task::Over, Medium::Paint, false, null, ['solvent']],
    'dust of pastel' => [Task::Over, Medium::Pastel, false, null, ['dust']],
    'no thinner with watercolour' => [Task::Over, Medium::Wash, false, null, []],
    'needles of a pounce' => [Task::Carry, Medium::Graphite, false, Transfer::Pounce, ['points']],
]);
