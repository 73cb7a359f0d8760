<?php

declare(strict_types=1);

namespace InchLadder\Plan;

/** What becomes of a thing that a gridline runs through. */
enum Clearing: string
{
    case Clear = 'clear';
    case Upright = 'upright';
    case Level = 'level';
    case LargerCells = 'larger cells';
}
