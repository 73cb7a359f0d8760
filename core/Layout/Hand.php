<?php

declare(strict_types=1);

namespace InchLadder\Layout;

/** The hand that draws. The ruler's zero goes where the other one holds it, and lines are ruled away from what is still wet. */
enum Hand: string
{
    case Right = 'right';
    case Left = 'left';

    /** Where all lengths are measured from. */
    public function zero(): string
    {
        return $this === self::Right ? 'left' : 'right';
    }
}
