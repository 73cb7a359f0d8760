<?php

declare(strict_types=1);

namespace InchLadder\Checking;

/** What counts when points and lengths are compared. Shares are of the drawing’s longer side. None is published; each says why it is what it is. */
final class Figures
{
    /** Two points no farther off than this are nearly in line: 1/4 in on a sheet of 10 in, what an eye lets pass (ours). */
    public const ALIGNED = 0.025;

    /** Two points nearer to each other than this tell nothing by lying in line (ours). */
    public const APART = 0.08;
}
