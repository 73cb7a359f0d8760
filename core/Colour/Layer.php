<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/** What is done in one go over an area. */
enum Layer: string
{
    case Under = 'under';
    case Over = 'over';
    case Blend = 'blend';
    case Burnish = 'burnish';
    case Lift = 'lift';
    case Groove = 'groove';
}
