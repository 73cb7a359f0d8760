<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** Whether the line comes first, or tone along with it. */
enum Order: string
{
    case LineFirst = 'line';
    case ToneAlong = 'tone';
}
