<?php

declare(strict_types=1);

namespace InchLadder\Checking;

/** What counts when points and lengths are compared. Shares are of the drawing’s longer side. None is published; each says why it is what it is. */
final class Figures
{
    /** Two points no farther off than this are nearly in line: 1/4 in on a sheet of 10 in, what an eye lets pass (ours). */
    public const ALIGNED = 0.025;

    /** So many of one name make a rule that one of them can be odd by (ours). */
    public const NAMESAKES = 3;

    /** A length of no more than this of the others of its name is taken for a slip, and is foreshortened (ours). */
    public const FORESHORTENED = 0.6;

    /** Degrees: one that slants by so much otherwise than the others is taken for a slip (ours). */
    public const SLANTED = 35.0;

    /** Two points nearer to each other than this tell nothing by lying in line (ours). */
    public const APART = 0.08;
}
