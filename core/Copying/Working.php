<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** The two schools of copying. Neither is right; each has its reason. */
enum Working: string
{
    /** A cell until it is finished, then the next. */
    case Cells = 'cells';
    /** Round the whole, a pass at a time. */
    case Passes = 'passes';
}
