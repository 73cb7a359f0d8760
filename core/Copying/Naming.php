<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** Whether one knows what one draws. Neither is right; each has its reason. */
enum Naming: string
{
    case Features = 'features';
    case Shapes = 'shapes';
}
