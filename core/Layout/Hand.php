<?php

declare(strict_types=1);

namespace InchLadder\Layout;

/** The hand that draws: lines are ruled, and cells drawn, away from what is still wet. Both hands measure from the same corner. */
enum Hand: string
{
    case Right = 'right';
    case Left = 'left';
}
