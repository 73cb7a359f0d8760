<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Json\TaskJson;
use App\Imaging\CellSight;
use App\Models\CellNote;
use App\Models\Drawing;
use Illuminate\Support\Collection;
use InchLadder\Copying\Place;
use InchLadder\Finish\Closing;
use InchLadder\Finish\Leftovers;
use InchLadder\Finish\Task;
use InchLadder\Pixels\Content;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums\CheckSums;

/** Writes what is left to do, from every rung before. */
final readonly class FinishWriter
{
    public function __construct(private CellSight $sight)
    {
    }

    /** @return list<TaskJson> */
    public function tasks(Drawing $drawing, Plan $plan): array
    {
        return array_map(static fn (Task $task): TaskJson => new TaskJson($task->key, $task->words, $task->why, $task->caution), (new Closing($plan, $plan->choices->medium, $this->leftovers($drawing, $plan)))->tasks());
    }

    private function leftovers(Drawing $drawing, Plan $plan): Leftovers
    {
        $cells = $plan->grid->cells();
        $notes = $drawing->notesOn($cells);
        $address = static fn (Place $place): string => $plan->addresses->of($place->column, $place->row);
        /** @param  Collection<int, CellNote>  $some */
        $addresses = static fn (Collection $some): array => array_map(static fn (CellNote $note): string => $address($note->place()), array_values($some->all()));
        $content = $drawing->photo === null ? [] : $this->sight->content($drawing->photo, $plan);

        return new Leftovers(
            $cells->columns * $cells->rows - count($drawing->settled($plan)),
            $addresses($notes->filter(static fn (CellNote $note): bool => $note->doubtful)),
            $addresses($notes->filter(static fn (CellNote $note): bool => $note->words !== '')),
            (new CheckSums($plan))->out(),
            array_map(static fn (int $cell): string => $address(Place::at($cell, $cells)), Content::blank($content)),
        );
    }
}
