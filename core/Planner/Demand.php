<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/** A demand an artist can make of a plan, and let go again. */
enum Demand: string
{
    case NeverTrim = 'Crop nothing';
    case WholeSheet = 'Fill the sheet';
    case FewLines = 'Lines, at most';
    case LargeCells = 'Squares, at least';
}
