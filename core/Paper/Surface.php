<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/** What is drawn on. */
enum Surface: string
{
    case Smooth = 'smooth paper';
    case Toothed = 'drawing paper';
    case Watercolour = 'watercolour paper';
    case Toned = 'toned or dark paper';
    case Canvas = 'primed canvas';
    case Board = 'panel or wall';
    case Print = 'a photo print';
}
