<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/** What a plan’s faults weigh against each other; a plan with less is shown before one with more. None is published; each says why it is what it is. */
final class Figures
{
    /** The share of the photo that is trimmed: what is lost of the picture weighs most (ours). */
    public const TRIMMED = 5.0;

    /** The share of the paper that is left (ours). */
    public const UNUSED = 2.0;

    /** How hard the cells are on the rulers, a grade (ours). */
    public const GRADE = 0.1;

    /** A line to rule (ours). */
    public const LINE = 0.02;

    /** Cells beyond what the subject wants, as a share of it (ours). */
    public const OFF_WANTED = 0.5;

    /** Cells may be so many times fewer or more than the subject wants (ours). */
    public const LATITUDE = 3;
}
