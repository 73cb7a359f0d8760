<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\CellPixels;
use App\Models\Drawing;
use App\Wire\Json\TaskJson;
use App\Wording\CheckWording;
use App\Wording\FinishWording;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Place;
use InchLadder\Finish\Closing;
use InchLadder\Finish\Leftovers;
use InchLadder\Finish\Task;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Trimmed;

/** Writes what is left to do, from every rung before. */
final readonly class FinishWriter
{
    public function __construct(private CellPixels $sight)
    {
    }

    /** @return list<TaskJson> */
    public function tasks(Drawing $drawing, Plan $plan): array
    {
        $left = $this->leftovers($drawing, $plan);
        $say = new FinishWording($plan->layout, $plan->choices->medium, $left, $plan->choices->guidesOff(), Trimmed::of($plan));

        return array_map(static fn (Task $task): TaskJson => new TaskJson($task->value, $say->words($task), $say->why($task), Cautions::write($say->cautions($task), $plan->choices->waved), $task->isShot()), Closing::tasks($plan->layout, $plan->choices->medium, $left, $plan->choices->guidesOff()));
    }

    private function leftovers(Drawing $drawing, Plan $plan): Leftovers
    {
        $cells = $plan->layout->grid->cells();
        $record = $drawing->record($plan);
        $address = static fn (int $cell): string => $plan->layout->addresses->of(Place::at($cell, $cells)->column, Place::at($cell, $cells)->row);
        /** @param  \Closure(Noted): bool  $which */
        $addresses = static fn (\Closure $which): array => array_map($address, array_keys(array_filter($record->cells, $which)));

        return new Leftovers(
            $cells->columns * $cells->rows - count($drawing->settled($plan)),
            $addresses(static fn (Noted $noted): bool => $noted->doubtful),
            $addresses(static fn (Noted $noted): bool => $noted->words !== ''),
            (new CheckWording($plan))->out(),
            array_map($address, $drawing->photo === null ? [] : $this->sight->through($drawing->photo, $plan)->blank()),
            count($drawing->read()->json->shots),
        );
    }
}
