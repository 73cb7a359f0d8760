<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Fit\Fitted;
use InchLadder\Grid\Addresses;
use InchLadder\Grid\Grid;
use InchLadder\Layout\Layout;
use InchLadder\Layout\Pinned;
use InchLadder\Marks\MarkLadder;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Paper\SheetSize;
use InchLadder\Photo\Reference;
use InchLadder\Things\Things;

/** Everything that follows from the choices: the one room that knows all the others. */
final readonly class Plan
{
    /** @var \ArrayObject<string, MarkLadder> by their edge, once they were asked for: while something is dragged few look at them */
    private \ArrayObject $ladders;

    private function __construct(
        public Choices $choices,
        public OrientationAdvice $advice,
        public Layout $layout,
        /** A point held at a place of the sheet, and what it takes; null when there is none. */
        public ?Pinned $pinned,
    ) {
        /** @var \ArrayObject<string, MarkLadder> $none */
        $none = new \ArrayObject;
        $this->ladders = $none;
    }

    /**
     * The one call from choices to results; the same answer on every page, sheet and command line.
     *
     * @throws \InchLadder\Impossible
     */
    public static function of(Choices $choices): self
    {
        $reference = $choices->reference();
        $advice = OrientationAdvice::for($reference->ratio(), SheetSize::check($choices->sheet));
        $sheet = $choices->turn->apply($choices->sheet, $advice);
        $usable = $choices->margins->inside($sheet);

        $fitted = $choices->fit->onto($reference, $choices->shape->inside($usable));
        $grid = $fitted->cells === null ? self::grid($choices, $reference, $fitted) : Grid::even($fitted->cells);
        $fitted = $fitted->middle($grid->across->covered, $grid->down->covered);
        [$left, $top] = $choices->placement->of($fitted->area, $sheet, $choices->margins);
        $point = $choices->pinned();
        $pinned = $point === null ? null : Pinned::at($point, $fitted, $left, $top, $sheet);
        if ($pinned !== null) {
            [$fitted, $left, $top] = [$pinned->fitted, $pinned->left, $pinned->top];
        }
        $grid = $choices->axes === null ? $grid : $choices->axes->laidOver($grid, $fitted->area);

        $layout = new Layout(
            $choices->notation, $choices->rulerOnPrint(), $choices->whole, $choices->framing, $reference,
            $sheet, $choices->margins, $usable, $choices->shape, $fitted, $left, $top,
            $grid, new Addresses($choices->labels, $choices->corner, $grid->cells()),
            $choices->points, $choices->regions, $choices->divisions, $choices->spans,
        );

        return new self($choices, $advice, $layout, $pinned);
    }

    /** The ticks along the top. */
    public function across(): MarkLadder
    {
        $at = $this->layout;

        return $this->ladders['across'] ??= MarkLadder::along($at->grid->across, $at->print?->width, $at->fitted->area->width, $at->left, $at->printRuler, $this->choices->notation->ruler);
    }

    /** The ticks down the side. */
    public function down(): MarkLadder
    {
        $at = $this->layout;

        return $this->ladders['down'] ??= MarkLadder::along($at->grid->down, $at->print?->height, $at->fitted->area->height, $at->top, $at->printRuler, $this->choices->notation->ruler);
    }

    /** The named things, as they lie in the crop. */
    public function things(): Things
    {
        return Things::in($this->layout, $this->choices->things);
    }

    private static function grid(Choices $choices, Reference $reference, Fitted $fitted): Grid
    {
        $part = $choices->part;
        $print = Layout::onPrint($reference, $fitted);

        return $part === null
            ? $choices->school->over($fitted->area, $print)
            : $choices->school->over($part->sizeOn($fitted->area), $print === null ? null : $part->sizeOn($print))->within($part);
    }
}
