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

    /** L* of paper that counts as white: a scanner’s white, and a sheet in fair light (ours). */
    public const WHITE = 91;

    /** Share of a row that is white in a border; the rest is dust (ours). */
    public const WHITE_ROW = 0.98;

    /** Behind a border no more of a row is white than this: the picture begins along all of the side (ours). */
    public const WHITE_BEHIND = 0.4;

    /** Of so many samples a side, a border ends within three: a print lies a little crooked on the glass (ours). */
    public const BORDER_SAMPLES = 240;

    /** As above. */
    public const BORDER_ENDS_WITHIN = 3;

    /** A border takes at least this share of a side (ours). */
    public const LEAST_BORDER = 0.012;

    /** And at most this, the broad foot of an instant print among them (ours). */
    public const MOST_BORDER = 0.3;
}
