<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** What lines cost and how they show. None is published; each says why it is what it is. */
final class Figures
{
    /** A dozen lines take five to ten minutes to mark and rule (common practice). */
    public const LINES_TIMED = 12;

    /** As above. */
    public const FASTEST_MINUTES = 5;

    /** As above. */
    public const SLOWEST_MINUTES = 10;

    /** A line must show nearly everywhere, so a colour is judged by its poorest tenth (ours). */
    public const POOREST_SHARE = 0.1;
}
