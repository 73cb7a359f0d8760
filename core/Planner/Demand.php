<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/** A demand an artist can make of a plan, and let go again. */
enum Demand: string
{
    case NeverTrim = 'never trim the photo';
    case WholeSheet = 'use the whole sheet';
    case FewLines = 'at most so many lines';
    case LargeCells = 'cells at least so big';
}
