<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Fit\Fitted;
use InchLadder\Fit\Scale;
use InchLadder\Grid\Grid;
use InchLadder\Marks\MarkLadder;
use InchLadder\Marks\Reading;
use InchLadder\Measure\Length;
use InchLadder\Measure\Size;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Paper\SheetSize;

/** Everything that follows from the choices. */
final readonly class Plan
{
    private function __construct(
        public Choices $choices,
        public OrientationAdvice $advice,
        /** The sheet, the way round it lies. */
        public Size $sheet,
        /** The sheet inside its margins. */
        public Size $usable,
        public Fitted $fitted,
        /** The crop on the print; null on a screen. */
        public ?Size $print,
        public Size $leftover,
        /** From the sheet's left edge to the drawing area. */
        public Length $left,
        /** From the sheet's top edge to the drawing area. */
        public Length $top,
        public Scale $scale,
        public Grid $grid,
        public MarkLadder $across,
        public MarkLadder $down,
    ) {
    }

    /**
     * The one call from choices to results; the same answer on every page, sheet and command line.
     *
     * @throws \InchLadder\Impossible
     */
    public static function of(Choices $choices): self
    {
        $reference = $choices->reference;
        $advice = OrientationAdvice::for($reference->ratio(), SheetSize::check($choices->sheet));
        $sheet = $choices->turn->apply($choices->sheet, $advice);
        $usable = $choices->margins->inside($sheet);

        $fitted = $choices->fit->onto($reference, $usable);
        $width = $reference->across($fitted->crop->width);
        $height = $reference->down($fitted->crop->height);
        $print = $width === null || $height === null ? null : new Size($width, $height);

        $leftover = $usable->minus($fitted->area);
        $left = $choices->margins->left->plus($choices->placement->fromLeft($leftover));
        $top = $choices->margins->top->plus($choices->placement->fromTop($leftover));

        $grid = $fitted->cells === null ? $choices->school->over($fitted->area, $print) : Grid::even($fitted->cells);
        $ruler = $choices->notation->ruler;

        return new self(
            $choices, $advice, $sheet, $usable, $fitted, $print, $leftover, $left, $top,
            Scale::of($fitted, $reference),
            $grid,
            MarkLadder::along($grid->columns, $width, $fitted->area->width, $left, $ruler),
            MarkLadder::along($grid->rows, $height, $fitted->area->height, $top, $ruler),
        );
    }

    /** The first cell, on the paper. */
    public function cell(): Size
    {
        return $this->cellOf($this->fitted->area);
    }

    /** The first cell, on the print; null on a screen. */
    public function printCell(): ?Size
    {
        return $this->print === null ? null : $this->cellOf($this->print);
    }

    /**
     * Where a point of the crop is, across, on each of the three rulers.
     *
     * @param  numeric-string  $share  of the crop's width, 0…1
     */
    public function readAcross(string $share): Reading
    {
        return Reading::of($this->print?->width->times($share), $this->fitted->area->width->times($share), $this->left, $this->choices->notation->ruler);
    }

    /**
     * As readAcross, down.
     *
     * @param  numeric-string  $share  of the crop's height, 0…1
     */
    public function readDown(string $share): Reading
    {
        return Reading::of($this->print?->height->times($share), $this->fitted->area->height->times($share), $this->top, $this->choices->notation->ruler);
    }

    private function cellOf(Size $board): Size
    {
        return new Size($board->width->times($this->grid->columns[1]), $board->height->times($this->grid->rows[1]));
    }
}
