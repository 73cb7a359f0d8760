<?php

declare(strict_types=1);

namespace InchLadder\Photo;

/** What a print and its pixels can bear. None is published; each says why it is what it is. */
final class Figures
{
    /** Pixels to the inch: below this a print at reading distance shows them (common practice). */
    public const LEAST_PER_INCH = 150;

    /** A print whose shape differs from its pixels by more than this is mentioned: a ruler’s slip, or a trimmed print (ours). */
    public const LARGEST_MISMATCH_PERCENT = 2;

    /** A cell with fewer pixels to its side than this shows them when it fills a screen (ours). */
    public const FEWEST_PIXELS_TO_A_CELL = 100;

    /** A print this near to a usual size on both sides is one, as measured: 1/8 in, what a printer’s cutter may be off (ours). */
    public const NEAR_USUAL_MM = '127/40';
}
