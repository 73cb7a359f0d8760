<?php

declare(strict_types=1);

namespace App\Wire;

use App\Models\Drawing;
use App\Wire\Json\NextJson;
use App\Wording\Say;
use InchLadder\Copying\Cell;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Place;
use InchLadder\Layout\Hand;
use InchLadder\Marks\Out\Board;
use InchLadder\Marks\Out\MarkingOut;
use InchLadder\Plan\NextStep;
use InchLadder\Plan\Plan;
use InchLadder\Plan\WorkDone;

/** Writes what comes next on a drawing, for the black button of each step and for My drawings. */
final readonly class NextWriter
{
    public function __construct(private CopyWriter $copying, private FinishWriter $finish)
    {
    }

    /** @param  string  $step  the step it is asked on; any other name asks what comes next at all */
    public function next(Drawing $drawing, Plan $plan, Hand $hand, string $step = ''): NextJson
    {
        $choices = $drawing->read()->json;
        $cell = $this->copying->next($drawing, $plan, $hand);
        $pass = $plan->choices->pass()?->next();
        $copying = $drawing->record($plan)->cells !== [];
        $photos = count($choices->shots);
        // Marks decide only before the first cell, tasks only after the last: both are work to find out.
        [$marks, $marked] = $copying ? [0, 0] : $this->marks($drawing, $plan, $hand);
        $isCopied = $cell === null && $pass === null && $photos > 0;
        $left = $isCopied ? array_diff($this->finish->keys($drawing, $plan), $choices->finish->done) : null;
        $next = NextStep::fromStep($step, new WorkDone(
            planned: $drawing->position > 0,
            marks: $marks,
            marked: $marked,
            copying: $copying,
            cellsLeft: $cell !== null,
            passesLeft: $pass !== null,
            photos: $photos,
            tasks: count($choices->finish->done),
            tasksLeft: $left !== [],
        ));
        $of = $this->words($plan, $cell, $pass, $marks - $marked);
        $says = $step === 'tone' && $next === NextStep::Check ? 'next.before tone' : "next.{$next->value}.says";

        return new NextJson($next->value, Say::it("next.{$next->value}.button", $of), Say::it($says, $of));
    }

    /** @return array<string, string> */
    private function words(Plan $plan, ?string $cell, ?Pass $pass, int $left): array
    {
        $first = Cell::of($plan->layout, Place::at(0, $plan->layout->grid->cells()))->paper;

        return [
            'cell' => Say::it($first->width->equals($first->height) ? 'next.square' : 'next.cell', ['cell' => $cell ?? '']),
            'pass' => $pass === null ? '' : Say::it("copying.pass.{$pass->value}.name"),
            'marks' => Say::counted('next.left', $left),
        ];
    }

    /** @return array{int, int} marks and lines of the paper, and how many of them are made */
    private function marks(Drawing $drawing, Plan $plan, Hand $hand): array
    {
        $out = MarkingOut::of(Board::paper($plan->layout), $hand, $plan->choices->reach);

        return (new MarkingWriter($plan, $out, $drawing))->tally();
    }
}
