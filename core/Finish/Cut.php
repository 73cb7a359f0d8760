<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;

/** Where a sheet is cut down to the drawing: four lines, measured from two edges of the sheet so that the cut is square. */
final readonly class Cut
{
    private function __construct(public Length $left, public Length $right, public Length $top, public Length $bottom)
    {
    }

    /** Null where the drawing fills the sheet to its edges, and there is nothing to cut. */
    public static function round(Layout $layout): ?self
    {
        $area = $layout->fitted->area;
        $none = $layout->left->isZero() && $layout->top->isZero() && $layout->right()->isZero() && $layout->bottom()->isZero();

        return $none ? null : new self($layout->left, $layout->left->plus($area->width), $layout->top, $layout->top->plus($area->height));
    }
}
