<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** What is told of a cell. */
enum Told: string
{
    case Crossing = 'crossing';
    case Contour = 'contour';
}
