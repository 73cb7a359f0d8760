<?php

declare(strict_types=1);

namespace InchLadder\Things;

/** What an eye makes of things and the gaps between them. None is published; each says why it is what it is. */
final class Figures
{
    /** A thing narrower than this share of the picture is a slip of the hand: a tenth of a millimetre on a sheet of letter size (ours). */
    public const LEAST_THING = 0.0005;

    /** A thing that ends nearer to an edge than this share of the side nearly touches it: a finger's breadth on a sheet of 18 in (ours). */
    public const NEAR_EDGE = 0.04;

    /** Samples along the longer side in which gaps are looked for: half a millimetre on a sheet of letter size (ours). */
    public const GAP_SAMPLES = 400;

    /** A gap smaller than this share of the drawing is none an eye would take for a shape (ours). */
    public const LEAST_GAP = 0.004;

    /** What is set on a line by hand lies no farther off it than this: 2 mm on a sheet of 10 in, as a fingertip sets it (ours). */
    public const ON_LINE = 0.008;

    /** A gap wider than this is not judged as one: a hand on a sheet of 30 in (ours). */
    public const GAP = 0.1;

    /** Pairs of things that are held against each other, the nearest of all (ours). */
    public const MOST_PAIRS = 60;

    /** Places along a side of an outline that are held against a curve (ours). */
    public const LOOKED_AT = 8;

    /** Relations told; nobody ticks more (ours). */
    public const MOST_RELATIONS = 24;
}
