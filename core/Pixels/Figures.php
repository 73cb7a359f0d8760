<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** What shows as an edge. Levels are of 255; shares of the line or side that is read. None is published; each says why it is what it is. */
final class Figures
{
    /** Standard deviation of the Gaussian: what is finer is texture, not a contour (ours). */
    public const BLUR = 0.012;

    /** Levels that an eye notices as an edge (ours). */
    public const LEAST_STEP = 12.0;

    /** The share of the line’s strongest step that is still an edge beside it (ours). */
    public const LEAST_OF_STRONGEST = 0.2;

    /** Two steps nearer than this are one to a pencil (ours). */
    public const STEPS_APART = 0.05;

    /** Levels from one sample to the next that begin to show as an edge (ours). */
    public const EDGE_BEGINS = 5.0;

    /** A cell with less edge in it than this share is called blank (ours). */
    public const BLANK = 0.01;

    /** Below this share of the steepness it entered with, a contour has faded (ours). */
    public const FADED = 0.12;

    /** Cosine: a turn sharper than this between two steps is a corner, where one contour ends and another begins (ours). */
    public const SHARPEST_TURN = 0.6;

    /** Two level lines nearer than this are one mass’s edge (ours). */
    public const MAIN_LINES_APART = 0.08;

    /** No line is looked for this near the frame: the photo’s own edge is none (ours). */
    public const CLEAR_OF_FRAME = 0.04;

    /** A level edge must stand out from the typical row by this much to be offered (ours). */
    public const LEVEL_STANDS_OUT = 1.6;

    /** A slanted edge must stand out from the typical step of lightness by this much to be offered (ours). */
    public const SLANT_STANDS_OUT = 1.3;
}
