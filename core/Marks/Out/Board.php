<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Grid\Edge;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

/** What is marked out, edges and all: the print, or the sheet of paper; and where the grid lies on it. */
final readonly class Board
{
    private function __construct(
        public string $name,
        public Size $size,
        /** From the board's left edge to what is gridded. */
        public Length $left,
        /** From its top edge. */
        public Length $top,
        /** What is gridded: the crop, or the drawing area. */
        public Size $inner,
        public Edge $across,
        public Edge $down,
        public Graduation $ruler,
    ) {
    }

    public static function paper(Plan $plan): self
    {
        return new self('paper', $plan->sheet, $plan->left, $plan->top, $plan->fitted->area, $plan->grid->across, $plan->grid->down, $plan->choices->notation->ruler);
    }

    /** The print; null on a screen, where there is nothing to mark. */
    public static function photo(Plan $plan): ?self
    {
        [$width, $height] = [$plan->reference->across(Rational::one()), $plan->reference->down(Rational::one())];
        if ($width === null || $height === null || $plan->print === null) {
            return null;
        }
        $crop = $plan->fitted->crop;

        return new self('photo', new Size($width, $height), $width->times($crop->left), $height->times($crop->top), $plan->print, $plan->grid->across, $plan->grid->down, $plan->choices->rulerOnPrint());
    }
}
