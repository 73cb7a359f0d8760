<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Layout\Layout;

/** The last list: what is to do, in its order, from what is on the sheet, the medium, and what was left open. */
final class Closing
{
    /** @return list<Task> */
    public static function tasks(Layout $layout, Medium $medium, Leftovers $left, ?GuidesOff $guides = null, ?Transfer $transfer = null): array
    {
        $due = static fn (Task $task): bool => match ($task) {
            Task::Open => $left->open > 0,
            Task::Doubtful => $left->doubtful !== [],
            Task::Lengths => $left->out !== [],
            Task::Notes => $left->noted !== [],
            Task::Areas => $left->unfilled !== [],
            Task::Whites => $left->whites > 0,
            Task::Carry => $transfer !== null,
            // What is carried over leaves its guides behind, on the study.
            Task::Edges => $transfer === null,
            Task::Guides, Task::Restate => $transfer === null && $guides !== GuidesOff::Never,
            Task::LightCells => $transfer === null && $guides !== GuidesOff::Never && $left->light !== [] && $layout->grid->innerLines() > 0,
            Task::Before => $medium->isFinal(),
            Task::LastShot => Cut::round($layout) !== null,
            Task::Over => $medium->goesOver(),
            default => true,
        };

        $tasks = array_values(array_filter(Task::cases(), $due));

        return $guides === GuidesOff::AtTheEnd ? self::atTheEnd($tasks) : $tasks;
    }

    /**
     * What has to do with guides comes after what is drawn.
     *
     * @param  list<Task>  $tasks
     * @return list<Task>
     */
    private static function atTheEnd(array $tasks): array
    {
        $late = [Task::LightCells, Task::Guides, Task::Edges, Task::Restate];
        $isLate = static fn (Task $task): bool => in_array($task, $late, true);
        $last = array_search(Task::Tidy, $tasks, true);
        $before = array_filter(array_slice($tasks, 0, (int) $last + 1), static fn (Task $task): bool => ! $isLate($task));

        return [...$before, ...array_filter($tasks, $isLate), ...array_slice($tasks, (int) $last + 1)];
    }
}
