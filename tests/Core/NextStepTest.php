<?php

use InchLadder\Plan\NextStep;
use InchLadder\Plan\WorkDone;

function workDone(bool $planned = true, int $marks = 20, int $marked = 20, bool $copying = true, bool $cellsLeft = false, bool $passesLeft = false, int $photos = 1, int $tasks = 0, bool $tasksLeft = true): WorkDone
{
    return new WorkDone($planned, $marks, $marked, $copying, $cellsLeft, $passesLeft, $photos, $tasks, $tasksLeft);
}

it('says what comes next, from the first choice to the last task', function (WorkDone $done, NextStep $next) {
    expect(NextStep::after($done))->toBe($next);
})->with([
    'nothing chosen yet' => [fn () => workDone(planned: false, marked: 0, copying: false, cellsLeft: true, photos: 0), NextStep::Paper],
    'planned, nothing marked' => [fn () => workDone(marked: 0, copying: false, cellsLeft: true, photos: 0), NextStep::Mark],
    'some marks made' => [fn () => workDone(marked: 19, copying: false, cellsLeft: true, photos: 0), NextStep::MarkOn],
    'all marks made' => [fn () => workDone(copying: false, cellsLeft: true, photos: 0), NextStep::Copy],
    'nothing to mark' => [fn () => workDone(marks: 0, marked: 0, copying: false, cellsLeft: true, photos: 0), NextStep::Copy],
    // Who copies has a grid, whatever was ticked.
    'copying without ticked marks' => [fn () => workDone(marked: 0, cellsLeft: true, photos: 0), NextStep::Copy],
    'a pass is round' => [fn () => workDone(passesLeft: true, photos: 0), NextStep::Pass],
    'every cell done' => [fn () => workDone(photos: 0), NextStep::Check],
    'photographed' => [fn () => workDone(), NextStep::Tone],
    'finishing' => [fn () => workDone(tasks: 3), NextStep::Finish],
    'finished' => [fn () => workDone(tasks: 10, tasksLeft: false), NextStep::Rest],
]);

it('leads from a step of the plan to the next, until something is on the paper', function (string $step, NextStep $planning) {
    $plan = workDone(marked: 0, copying: false, cellsLeft: true, photos: 0);
    expect(NextStep::fromStep($step, $plan))->toBe($planning)
        ->and(NextStep::fromStep($step, workDone(marked: 1, copying: false, cellsLeft: true, photos: 0)))->toBe(NextStep::MarkOn)
        ->and(NextStep::fromStep($step, workDone(cellsLeft: true, photos: 0)))->toBe(NextStep::Copy);
})->with([['photo', NextStep::Paper], ['paper', NextStep::Fit], ['fit', NextStep::Grid], ['grid', NextStep::Marks], ['marks', NextStep::Mark]]);

it('checks before it shades, and copies what is left before either', function (string $step, WorkDone $done, NextStep $next) {
    expect(NextStep::fromStep($step, $done))->toBe($next);
})->with([
    'no drawing photo yet, half copied' => ['check', fn () => workDone(cellsLeft: true, photos: 0), NextStep::Check],
    'photographed half-way' => ['check', fn () => workDone(cellsLeft: true), NextStep::Copy],
    'photographed at the end' => ['check', fn () => workDone(), NextStep::Tone],
    'done' => ['check', fn () => workDone(tasks: 10, tasksLeft: false), NextStep::Rest],
    'tone before a check' => ['tone', fn () => workDone(photos: 0), NextStep::Check],
    'tone after it' => ['tone', fn () => workDone(), NextStep::Finish],
    'finish goes by its tasks' => ['finish', fn () => workDone(cellsLeft: true, photos: 0), NextStep::Finish],
    'until they are done' => ['finish', fn () => workDone(tasks: 10, tasksLeft: false), NextStep::Rest],
]);

it('is done on one of the nine steps, whatever it is', function (NextStep $next) {
    expect(['paper', 'fit', 'grid', 'marks', 'copy', 'check', 'tone', 'finish'])->toContain($next->step());
})->with(array_map(fn (NextStep $next): array => [$next], NextStep::cases()));
