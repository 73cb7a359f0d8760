<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Layout\Placed;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sums\Writing;

/** The last list: what is to do, in its order, from the plan, the medium and what was left open. */
final readonly class Closing
{
    /** More addresses than this are counted, not named. */
    private const NAMED = 8;

    private const KNIFE = 'Cut on a mat, along a metal edge, fingers back, away from the hand that holds; a fresh blade needs least force. Children have a grown-up cut.';

    public function __construct(private Plan $plan, private Medium $medium, private Leftovers $left)
    {
    }

    /** @return list<Task> */
    public function tasks(): array
    {
        return array_values(array_filter([
            $this->open(), $this->doubtful(), $this->lengths(), $this->notes(),
            new Task('shot', 'Photograph the sheet, lit from the side, the whole frame in.', 'The guides and their measures are gone afterwards; the shot is what remains of them.'),
            $this->lightCells(), $this->guides(), $this->edges(),
            new Task('restate', 'Restate the lines that the eraser took.', 'Rubbing out a grid fades the drawing with it; do it while the shot is fresh.'),
            $this->medium->over() === null ? null : new Task('over', $this->medium->over(), 'Now that the guides are off.'),
            new Task('tidy', 'Deepen the darks, lift the lights, go over the edges once.', 'From arm’s length; what only shows close to is done.'),
            $this->trim(),
            new Task('protect', $this->medium->protect(), 'A finished sheet is smudged more often than spoilt.', $this->medium->caution()),
            new Task('lesson', 'Write down one thing you would do otherwise.', 'One line is read again; a page is not.'),
        ]));
    }

    private function open(): ?Task
    {
        return $this->left->open === 0 ? null : new Task('open', $this->left->open === 1 ? 'One cell was not copied: copy it, or say that nothing is there.' : "{$this->left->open} cells were not copied: copy them, or say that nothing is there.", 'They are still open in Copy.');
    }

    private function doubtful(): ?Task
    {
        return $this->left->doubtful === [] ? null : new Task('doubtful', 'Look again at '.self::named($this->left->doubtful).'.', 'You flagged them as doubtful.');
    }

    private function lengths(): ?Task
    {
        return $this->left->out === [] ? null : new Task('lengths', 'Put right, or keep on purpose: '.implode(', ', $this->left->out).'.', 'They were out when they were measured. Stopping anyway is fine.');
    }

    private function notes(): ?Task
    {
        return $this->left->noted === [] ? null : new Task('notes', 'Read your notes on '.self::named($this->left->noted).'.', 'You left them for later, and this is later.');
    }

    private function lightCells(): ?Task
    {
        return $this->left->light === [] || $this->plan->grid->innerLines() === 0 ? null
            : new Task('light', 'Take the lines off '.self::named($this->left->light).' first.', 'Nothing is drawn there: a line that is left shows most.');
    }

    private function guides(): Task
    {
        $lines = $this->plan->grid->innerLines();
        $crosses = count(array_filter($this->plan->points(), static fn (Placed $point): bool => $point->point->cross && $point->isInside()));
        $cut = count($this->plan->choices->divisions);
        $all = array_filter([
            $lines === 0 ? null : ($lines === 1 ? 'the one line of the grid' : "the {$lines} lines of the grid").($this->plan->grid->diagonals ? ', its diagonals among them' : ''),
            $cut === 0 ? null : ($cut === 1 ? 'the hairlines of one cell' : "the hairlines of {$cut} cells"),
            $crosses === 0 ? null : ($crosses === 1 ? 'a focal cross' : "{$crosses} focal crosses"),
            $this->plan->grid->axes === null ? null : 'the axes and their ticks',
            'the frame, unless it stays',
        ]);

        return new Task('guides', 'Lift off '.implode(', ', $all).'.', $this->medium->whyGuides());
    }

    private function edges(): Task
    {
        return new Task('edges', 'Lift off the ticks, letters and numbers at the edges, and what was written in the cells.', 'They are the last that anybody looks for, and the first that a mat shows.');
    }

    /** Nothing to cut where the drawing fills the sheet. */
    private function trim(): Task
    {
        if ($this->plan->left->isZero() && $this->plan->top->isZero() && $this->plan->right()->isZero() && $this->plan->bottom()->isZero()) {
            return new Task('trim', 'There is nothing to cut: the drawing fills the sheet to its edges.', 'For a mat to lie over a rim, it would have to lie over the drawing.');
        }
        $write = new Writing($this->plan->choices->notation);
        $area = $this->plan->fitted->area;
        $from = static fn ($near, $length): string => $write->read($near).' and '.$write->reading($near->plus($length));

        return new Task(
            'trim',
            "If it is trimmed to the drawing: cut at {$from($this->plan->left, $area->width)} from the sheet’s left edge, at {$from($this->plan->top, $area->height)} from its top.",
            'Measured from two edges, so that the cut is square to the drawing. Leave a rim where a mat will lie over it.',
            self::KNIFE,
        );
    }

    /** @param  list<string>  $addresses */
    private static function named(array $addresses): string
    {
        return count($addresses) <= self::NAMED ? implode(', ', $addresses) : implode(', ', array_slice($addresses, 0, self::NAMED)).' and '.(count($addresses) - self::NAMED).' more';
    }
}
