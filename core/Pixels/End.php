<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** How a contour comes to an end. */
enum End: string
{
    /** It goes over the picture's edge. */
    case Leaves = 'leaves';
    /** It meets another contour. */
    case Meets = 'meets';
    /** It loses itself in what is about it. */
    case Fades = 'fades';
    /** It comes back to where it began. */
    case Closes = 'closes';
    /** It turns sharply, and is told on as another. */
    case Corner = 'corner';
}
