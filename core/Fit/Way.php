<?php

declare(strict_types=1);

namespace InchLadder\Fit;

/** The four honest ways to make two rectangles agree. */
enum Way: string
{
    case Crop = 'crop';
    case Inset = 'inset';
    case Cells = 'cells';
    case Stretch = 'stretch';
}
