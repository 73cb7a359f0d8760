<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** How cells are named; always column before row, from a stated corner. */
enum Labels: string
{
    /** Letters across, numbers down: C4. */
    case Letters = 'letters';
    /** Numbers both ways: 3 in, 4 down. */
    case Numbers = 'numbers';
    /** Every cell counted, row by row: 18. */
    case Running = 'running';
}
