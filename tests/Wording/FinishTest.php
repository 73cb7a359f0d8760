<?php

use App\Wording\FinishWording;
use App\Wording\Say;
use InchLadder\Finish\Caution;
use InchLadder\Finish\Closing;
use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Leftovers;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Task;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Division;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Layout\KeyPoint;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Margins;
use InchLadder\Photo\Reference;
use InchLadder\Plan\Plan;
use Tests\Core\Plans;

/** 5 × 7 in on letter less half an inch all round, in 4 × 5 cells. */
function finishing(mixed ...$more): Plan
{
    return Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), ...['school' => new ProportionalCells(Cells::of(4, 5)), 'margins' => Margins::all(length('1/2 in')), ...$more]);
}

/** @return array<string, array{words: string, why: string, cautions: string}> by key */
function closing(Plan $plan, Medium $medium = Medium::Graphite, ?Leftovers $left = null): array
{
    $say = new FinishWording($plan->layout, $medium, $left ??= new Leftovers);

    return array_merge(...array_map(fn (Task $task) => [$task->value => ['words' => $say->words($task), 'why' => $say->why($task), 'cautions' => implode(' ', array_map(static fn (Caution $one): string => Say::it("cautions.{$one->value}"), $say->cautions($task)))]], Closing::tasks($plan->layout, $medium, $left)));
}

it('takes the guides off before anything goes over them, whatever the medium', function (Medium $medium) {
    $keys = array_keys(closing(finishing(), $medium));
    $at = array_flip($keys);
    expect($at['shot'])->toBeLessThan($at['guides'])->and($at['guides'])->toBeLessThan($at['restate'])->and($at['restate'])->toBeLessThan($at['over'] ?? $at['tidy'])
        ->and($at['protect'])->toBeGreaterThan($at['trim'])->and(isset($at['over']))->toBe($medium !== Medium::Graphite)
        ->and(array_unique($keys))->toBe($keys);
})->with(Medium::cases());

it('names every guide that is on the sheet', function (array $more, string $words) {
    expect(implode(', ', (new FinishWording(finishing(...$more)->layout, Medium::Graphite, new Leftovers))->parts(Task::Guides)))->toBe($words);
})->with([
    'the grid' => [[], 'the 7 lines of the grid, lines that were wrong, and searching lines, the frame, unless it stays'],
    'a cell cut finer' => [['divisions' => [new Division(1, 1, 3)]], 'the 7 lines of the grid, the hairlines of one cell, lines that were wrong, and searching lines, the frame, unless it stays'],
    'focal crosses, but not one that is cropped away' => [['points' => [new KeyPoint('eye', Rational::of('0.5'), Rational::of('0.5'), true), new KeyPoint('gone', Rational::of('2'), Rational::of('0.5'), true), new KeyPoint('plain', Rational::of('0.4'), Rational::of('0.5'), false)]], 'the 7 lines of the grid, a focal cross, lines that were wrong, and searching lines, the frame, unless it stays'],
]);

it('brings up what the rungs before left open, and nothing else', function (Leftovers $left, array $keys, ?string $key, ?string $words) {
    $tasks = closing(finishing(), Medium::Graphite, $left);
    expect(array_values(array_intersect(array_keys($tasks), ['open', 'doubtful', 'lengths', 'notes', 'light'])))->toBe($keys);
    $key === null || expect($tasks[$key]['words'])->toBe($words);
})->with([
    'nothing' => [new Leftovers, [], null, null],
    'a cell' => [new Leftovers(open: 1), ['open'], 'open', 'One cell was not copied: copy it, or say that nothing is there.'],
    'cells' => [new Leftovers(open: 12), ['open'], 'open', '12 cells were not copied: copy them, or say that nothing is there.'],
    'doubts' => [new Leftovers(doubtful: ['B2', 'C4']), ['doubtful'], 'doubtful', 'Look again at B2, C4.'],
    'lengths' => [new Leftovers(out: ['spout', 'rim']), ['lengths'], 'lengths', 'Put right, or keep on purpose: spout, rim.'],
    'many light cells are counted' => [new Leftovers(light: ['A1', 'B1', 'C1', 'D1', 'A2', 'B2', 'C2', 'D2', 'A3', 'B3']), ['light'], 'light', 'Take the lines off A1, B1, C1, D1, A2, B2, C2, D2 and 2 more first.'],
    'all of it, in its order' => [new Leftovers(2, ['A1'], ['B1'], ['rim'], ['C1']), ['open', 'doubtful', 'lengths', 'notes', 'light'], 'notes', 'Read your notes on B1.'],
]);

it('gives the cut from two edges of the sheet', function () {
    // Letter less ½ in: 7½ × 10 in to draw on, so 7 1/7 × 10; ⅔ in is left at either side, about 11/16.
    $plan = Plans::of(Reference::printed(size('5x7in')), size('8.5x11in'), new InchLadder\Fit\Ways\Inset(Rational::of('1')), new ProportionalCells(Cells::of(4, 5)), Margins::all(length('1/2 in')));
    expect(closing($plan)['trim']['words'])->toBe('If you trim it to the drawing, cut at 11/16 and 7 13/16 in from the left edge. Cut at 1/2 and 10 1/2 in from the top.');
});

it('says what can hurt where it is done', function (Medium $medium, ?string $says) {
    $tasks = closing(finishing(), $medium);
    expect($tasks['trim']['cautions'])->toContain('metal edge', 'away from the hand');
    $says === null ? expect($tasks['protect']['cautions'])->toBe('') : expect($tasks['protect']['cautions'])->toContain($says);
})->with([
    [Medium::Graphite, 'open window'],
    [Medium::Pastel, 'Pastel dust: do not blow it'],
    [Medium::Paint, 'follow the label and your local rules'],
    [Medium::Ink, null],
]);

it('has the guides off when that was chosen, and says so in one sentence', function (Medium $medium, ?GuidesOff $off, array $without, ?string $after) {
    $say = new FinishWording(finishing()->layout, $medium, new Leftovers(light: ['A1']), $off);
    $tasks = Closing::tasks(finishing()->layout, $medium, new Leftovers(light: ['A1']), $off);
    $at = array_flip(array_map(static fn (Task $task): string => $task->value, $tasks));
    expect(array_intersect($without, array_keys($at)))->toBe([])->and(array_unique(array_keys($at)))->toHaveCount(count($tasks));
    if ($without === []) {
        expect($say->why(Task::Guides))->toBe(FinishWording::guidesOff($off ?? GuidesOff::under($medium), $medium));
        $after === null ? expect($at['guides'])->toBeLessThan($at['tidy']) : expect($at['guides'])->toBeGreaterThan($at[$after])->toBeLessThan($at['trim']);
        // The shot of it all comes before any of it goes.
        expect($at['shot'])->toBeLessThan($at['light'])->and($at['light'])->toBeLessThan($at['guides'])->and($at['guides'])->toBeLessThan($at['restate']);
    }
})->with(function () {
    foreach (Medium::cases() as $medium) {
        foreach ([null, ...GuidesOff::ways($medium)] as $off) {
            yield "{$medium->value}, ".($off->value ?? 'as is common') => [$medium, $off, $off === GuidesOff::Never ? ['guides', 'light', 'restate'] : [], $off === GuidesOff::AtTheEnd ? 'tidy' : null];
        }
    }
});
