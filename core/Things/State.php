<?php

declare(strict_types=1);

namespace InchLadder\Things;

/** How far a thing is worked. */
enum State: string
{
    case Open = 'open';
    case Sketched = 'sketched';
    case Filled = 'filled';
    case Final = 'final';
}
