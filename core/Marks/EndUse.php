<?php

declare(strict_types=1);

namespace InchLadder\Marks;

/** What becomes of guide lines. */
enum EndUse: string
{
    case Erased = 'rubbed out under pencil';
    case Ink = 'inked over';
    case Wash = 'washed or painted over, thinly';
    case Opaque = 'painted over, thickly';
    case Stays = 'they may stay';
}
