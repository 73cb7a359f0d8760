<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** What shows as an edge. Levels are of 255; shares of the line or side that is read. None is published; each says why it is what it is. */
final class Figures
{
    /** ΔE a sample under which nothing is an edge, however plain the picture (ours). */
    public const FAINTEST = 0.6;

    /** How many times the picture’s grain an edge is steep at least (ours). */
    public const OVER_GRAIN = 2.0;

    /** ΔE a sample at which a contour may begin (ours). */
    public const FAINT = 1.2;

    /** How many times the picture’s grain a contour is steep where it is steepest (ours). */
    public const STARTS_OVER_GRAIN = 3.2;

    /** How many times the picture’s grain texture is steep (ours). */
    public const SHOWS_OVER_GRAIN = 4.0;

    /** The share of a picture’s places whose steepness is taken for grain: few pictures are edge all over (ours). */
    public const GRAIN_QUANTILE = 0.3;

    /** Edgels that a contour has at least (ours). */
    public const SHORTEST_CHAIN = 8;

    /** Samples to either side at which colours are compared: beyond the smoothing, and for soft edges (ours). */
    public const STEP_SIDES = [1.5, 3.0];

    /** ΔE across a contour, alone and long, that an eye notices and a hand draws (ours). */
    public const LEAST_STEP = 5.0;

    /** How many times the picture’s grain, in ΔE a sample, the step across a contour is at least (ours). */
    public const STEP_OVER_GRAIN = 5.0;

    /** ΔE across that is drawn in any crowd (ours). */
    public const ALWAYS_DRAWN = 17.0;

    /** Share of the picture’s diagonal from which on a contour is long (ours). */
    public const LONG = 0.05;

    /** Side of the blocks in which a crowd is counted, as a share of the longer side (ours). */
    public const CROWD_BLOCK = 0.011;

    /** Edge about a contour for each of its own steepness: up to three lines in five blocks by five, and it stands alone (ours). */
    public const ALONE = 0.08;

    /** ΔE more that a contour needs for each unit of crowd beyond that (ours). */
    public const CROWDED_STEP = 130.0;

    /** Share of what a contour must show that a part of one shows at least (ours). */
    public const PART_OF_MORE = 0.6;

    /** Samples between the two ends of a contour that closes (ours). */
    public const CLOSES = 3.0;

    /** Points that lead a contour on to the picture’s edge, or fewer (ours). */
    public const LEADS_ON = [14, 7, 3];

    /** Samples that any of them is off the curve through them at most (ours). */
    public const LEADS_TRULY = 0.4;

    /** Standard deviation, in samples, of the smoothing of a picture that is looked at: a gradient needs one (J. Canny, 1986), and a finer one is all grain (ours). */
    public const SMOOTHING = 1.0;

    /** How many times as long as wide a line is at least; else it is a thing with two sides (ours). */
    public const LINE_LONGER = 2.0;

    /** How steep the softer edge of a line is beside the sharper one at least (ours). */
    public const LINE_ALIKE = 0.5;

    /** Two edges that step the same way and are nearer than this share of a line’s greatest width are one to a pencil (ours). */
    public const DOUBLE = 0.35;

    /** Two level lines nearer than this are one mass’s edge (ours). */
    public const MAIN_LINES_APART = 0.08;

    /** No line is looked for this near the frame: the photo’s own edge is none (ours). */
    public const CLEAR_OF_FRAME = 0.04;

    /** A level edge must stand out from the typical row by this much to be offered (ours). */
    public const LEVEL_STANDS_OUT = 1.6;

    /** A slanted edge must stand out from the typical step of lightness by this much to be offered (ours). */
    public const SLANT_STANDS_OUT = 1.3;
}
