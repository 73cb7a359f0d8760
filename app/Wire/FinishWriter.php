<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\CellPixels;
use App\Models\Drawing;
use App\Shots\ShotTones;
use App\Wire\Json\StartJson;
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
use InchLadder\Things\State;
use InchLadder\Things\Thing;
use InchLadder\Tone\KeptWhites;

/** Writes what is left to do, from every rung before. */
final readonly class FinishWriter
{
    public function __construct(private CellPixels $sight, private ShotTones $shots)
    {
    }

    /** @return list<TaskJson> */
    public function tasks(Drawing $drawing, Plan $plan): array
    {
        $left = $this->leftovers($drawing, $plan);
        $say = new FinishWording($plan->layout, $plan->choices->medium, $left, $plan->choices->guidesOff(), Trimmed::of($plan), $plan->choices->transfer, $plan->choices->profile->letsLightThrough());

        return array_map(fn (Task $task): TaskJson => $this->task($task, $say, $plan), self::due($plan, $left));
    }

    /** @return list<string> the names of what is to do, in its order */
    public function keys(Drawing $drawing, Plan $plan): array
    {
        return array_column(self::due($plan, $this->leftovers($drawing, $plan)), 'value');
    }

    /** @return list<Task> */
    private static function due(Plan $plan, Leftovers $left): array
    {
        return Closing::tasks($plan->layout, $plan->choices->medium, $left, $plan->choices->guidesOff(), $plan->choices->transfer);
    }

    private function task(Task $task, FinishWording $say, Plan $plan): TaskJson
    {
        $parts = $say->parts($task);

        return new TaskJson(
            $task->value, $say->title($task), $say->words($task), $say->why($task),
            array_map(static fn (string $key, string $words): StartJson => new StartJson(self::part($task, $key), $words, ''), array_keys($parts), $parts),
            Cautions::write($say->cautions($task), $plan->choices->waved), $task->isShot(),
        );
    }

    /** What a part of a task is ticked by. */
    private static function part(Task $task, string $key): string
    {
        return mb_substr("{$task->value} {$key}", 0, 20);
    }

    private function leftovers(Drawing $drawing, Plan $plan): Leftovers
    {
        $cells = $plan->layout->grid->cells();
        $record = $drawing->record($plan);
        $address = static fn (int $cell): string => $plan->layout->addresses->of(Place::at($cell, $cells)->column, Place::at($cell, $cells)->row);
        /** @param  \Closure(Noted): bool  $which */
        $addresses = static fn (\Closure $which): array => array_map($address, array_keys(array_filter($record->cells, $which)));

        $whites = KeptWhites::in($plan->layout);
        // A shot is laid flat only where there is something to look at.
        $drawn = $whites->places === [] ? null : $this->shots->drawn($drawing, $plan);

        return new Leftovers(
            $cells->columns * $cells->rows - count($drawing->settled($plan)),
            $addresses(static fn (Noted $noted): bool => $noted->doubtful),
            $addresses(static fn (Noted $noted): bool => $noted->words !== ''),
            (new CheckWording($plan))->out(),
            array_map($address, $drawing->photo === null ? [] : $this->sight->through($drawing->photo, $plan)->blank()),
            count($drawing->read()->json->shots),
            self::inState($plan, State::Open, State::Sketched),
            self::inState($plan, State::Final),
            count($plan->choices->shapes),
            count($whites->places),
            $drawn === null ? null : $whites->soiled($drawn, $plan->choices->colour->lightness()),
        );
    }

    /** @return list<string> names of the things that are worked so far; where no thing was said anything of, none is called open */
    private static function inState(Plan $plan, State ...$states): array
    {
        $things = array_filter($plan->choices->things, static fn (Thing $thing): bool => in_array($thing->state, $states, true));
        $said = array_filter($plan->choices->things, static fn (Thing $thing): bool => $thing->state !== State::Open) !== [];

        return $said ? array_values(array_map(static fn (Thing $thing): string => $thing->name, $things)) : [];
    }
}
