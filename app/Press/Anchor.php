<?php

declare(strict_types=1);

namespace App\Press;

/** Which part of a line of type stands at its x. The values are SVG's. */
enum Anchor: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';
}
