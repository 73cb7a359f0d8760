<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/** What a sheet of several in one drawing is for. */
enum Purpose: string
{
    case Trial = 'trial';
    case Good = 'good';
}
