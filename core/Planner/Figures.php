<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/** What a plan’s faults weigh against each other; a plan with less is shown before one with more. None is published; each says why it is what it is. */
final class Figures
{
    /** The share of the photo that is trimmed: what is lost of the picture weighs most (ours). */
    public const TRIMMED = 5.0;

    /** The share of the paper that is left (ours). */
    public const UNUSED = 1.5;

    /** How hard the cells are on the rulers, a grade: 4 1/2 cm is taken before 4 cm, and 6 cm before 6.8 cm (ours). */
    public const GRADE = 0.13;

    /** A line to rule (ours). */
    public const LINE = 0.02;

    /** Cells beyond what the subject wants, as a share of it (ours). */
    public const OFF_WANTED = 1.0;

    /** So many times fewer or more cells than the subject wants cost nothing: 20 to 61 of a still life (ours). */
    public const FREE = 1.75;

    /** Few cells are so many times fewer than a middling count, many so many times more (ours). */
    public const DENSITY = 2.25;

    /** Two densities are at least so many times apart: what is nearer is the same to a hand (ours). */
    public const APART = 1.5;

    /** Cells may be so many times fewer or more than the subject wants (ours). */
    public const LATITUDE = 3;
}
