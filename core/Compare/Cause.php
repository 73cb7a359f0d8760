<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** What is to be mended first, from the whole to the single place. */
enum Cause: string
{
    case Whole = 'whole';
    case Group = 'group';
    case Point = 'point';
    case None = 'none';
}
