<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** How far the lines of a cell that is cut finer reach. */
enum Hairlines: string
{
    case InTheCell = 'in the cell';
    /** Only ticked on its sides, where lines would harm the sheet. */
    case Ticks = 'ticks';
    /** Carried on through the cells beside, above and below it. */
    case RunOn = 'run on';
}
