<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** The corner that columns are counted from. */
enum Corner: string
{
    case TopLeft = 'top left';
    case TopRight = 'top right';
}
