<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** What counts when a drawing is laid against its photo. None is published; each says why it is what it is. */
final class Figures
{
    /** What departs by no more than the tolerance is drawn as well as it can be: a standard deviation is so many times smaller, so that one in a hundred right places is beyond it (ours). */
    public const SPREADS = 2.5;

    /** A place that no explanation reaches counts as much as one so many standard deviations off, and no more (ours). */
    public const AT_MOST = 3.0;

    /** The whole is told of where the places lie over so much of the drawing's diagonal; from a corner nothing follows for the rest (ours). */
    public const SPREAD = 0.35;

    /** Places that moved together differ by less than this share of how far they moved (ours). */
    public const ALIKE = 0.35;

    /** What lies this near to whole cells from where it belongs was put in the wrong ones; a share of a cell (ours). */
    public const WHOLE_CELLS = 0.25;

    /** Pixels of the shot by which a finger sets a place under the loupe (ours). */
    public const TAPPED = 2.0;

    /** A reading counts as out when it is beyond what passes by this many times how finely it was read (ours). */
    public const DOUBT = 2.0;

    /** Mm by which a place that was found by the lines about it may be off, typically (ours). */
    public const FOUND = 0.4;

    /** Half the side of what is looked at round a place, in mm: a thumb's breadth (ours). */
    public const ROUND = 11.0;

    /** Mm by which two ways of finding a place may differ, and within which a place is where it belongs without a second look (ours). */
    public const A_HAIR = 2.0;

    /** How far off a place is looked for in an object whose own way is known, in mm (ours). */
    public const IN_OBJECT = 4.0;

    /** How far off a place is looked for, in mm: mistakes of 8 mm are to be found (ours). */
    public const REACH = 10.0;

    /** A found place is unsure where another, 2 mm off, fits nearly as well: its lines must lie off by so many times as much … set on sixty simulated shots so that what was taken for sure was right (ours) */
    public const RIVAL = 1.3;

    /** … and by so many mm more, on average (ours). */
    public const RIVAL_BY = 0.06;

    /** A found place is unsure where lines lie this far from where they should, in mm, on average (ours). */
    public const LOOSE = 0.9;

    /**
     * Share of an object's lines that must lie on drawn ones for it to count as drawn.
     * It and the next five are set by tests/hand/tune.json (ours).
     */
    public const DRAWN = 0.38;

    /** By how much more of them must lie there than anywhere else, where that is where it belongs (ours). */
    public const OBJECT_AT_HOME = 0.04;

    /** The same, where it is not: that it was moved is the rarer thing (ours). */
    public const OBJECT_MOVED = 0.07;

    /** What a line counts for where another line of the photo belongs: it is that one's, as a rule (ours). */
    public const ANOTHERS = 0.4;

    /** Of an object's lines so many may lie off for it to count as moved alone, and not turned and sized as well (ours). */
    public const SIMPLER = 0.05;

    /** An object whose lines fit as well a little further on, but for so much, slides along them (ours). */
    public const SLIDES = 0.1;

    /** Mm: what lies on lines worse than this, on the whole, is another drawing (ours). */
    public const ANOTHER = 1.25;

    /** How unlike the sheet's own shape four corners may be beyond the likest way up: seen 35° askew a shape changes by as much (ours). */
    public const ASKEW = 0.15;

    /** Mm by which lines lie off at most, on the whole, where there is no doubt which way up they are (ours). */
    public const CLEAR = 0.45;

    /** Samples to a mm that tell which way up a drawing is (ours). */
    public const ROUGH = 0.8;

    /** Pixels by which corners set by hand may lie off those that the sheet's edges tell (ours). */
    public const AGREES = 3.0;

    /** Mm by which a drawing area may be ruled out of square (ours). */
    public const RULED_ASKEW = 0.3;

    /** Mm that a pixel takes in, over which a shot tells nothing fine (ours). */
    public const COARSE = 0.45;

    /** Mm to a pixel over which it tells nothing at all (ours). */
    public const COARSEST = 1.5;

    /** Of 255: paper darker than this was shot in too little light (ours). */
    public const DARK = 60;

    /** Share of the sheet that is burnt out (ours). */
    public const GLARE = 0.02;

    /** Share of the paper's light by which lines must be darker (ours). */
    public const FAINT = 0.1;

    /** Share of the sheet that is line, under which nothing is drawn yet, or nothing of it shows (ours). */
    public const EMPTY = 0.001;

    /** Mm by which ruled lines lie off, typically, for the grid to be told of (ours). */
    public const GRID_OFF = 1.0;
}
