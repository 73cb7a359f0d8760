<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Layout\Layout;

/** The last list: what is to do, in its order, from what is on the sheet, the medium, and what was left open. */
final class Closing
{
    /** @return list<Task> */
    public static function tasks(Layout $layout, Medium $medium, Leftovers $left): array
    {
        $due = static fn (Task $task): bool => match ($task) {
            Task::Open => $left->open > 0,
            Task::Doubtful => $left->doubtful !== [],
            Task::Lengths => $left->out !== [],
            Task::Notes => $left->noted !== [],
            Task::LightCells => $left->light !== [] && $layout->grid->innerLines() > 0,
            Task::LastShot => Cut::round($layout) !== null,
            Task::Over => $medium->goesOver(),
            default => true,
        };

        return array_values(array_filter(Task::cases(), $due));
    }
}
