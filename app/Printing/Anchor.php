<?php

declare(strict_types=1);

namespace App\Printing;

/** Which part of a line of type stands at its x. */
enum Anchor
{
    case Start;
    case Middle;
    case End;
}
