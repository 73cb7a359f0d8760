<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** What an eye and a hand take for the same. Shares are of a cell’s side. None is published; each says why it is what it is. */
final class Figures
{
    /**
     * Nearer than this to a simple fraction, an eye takes it for the fraction itself: 1/80 of a side, less than a pencil line in a cell of 1 in
     * (ours).
     */
    public const FRACTION_ITSELF = '0.012';

    /** Two edges nearer than this are one line to a pencil: an eighth of a cell, 3 mm in one of an inch (ours). */
    public const THIN = 0.125;

    /** ΔE of edge a sample, over a whole cell, below which there is no texture in it: half of what grain alone comes to at most (ours). */
    public const BLANK = 0.12;

    /** Two crossings nearer than this on a side are one to a pencil (ours). */
    public const SAME_CROSSING = 0.012;

    /** A place said by hand is that of a crossing or contour no farther off than this (ours). */
    public const MEANS = 0.04;

    /** A contour that ends inside, nearer to a side than this, stops at it (ours). */
    public const STOPS_AT_SIDE = 0.01;

    /** A contour that comes no farther over a line than this grazes it (ours). */
    public const GRAZES = 0.015;

    /** What keeps nearer than this to the picture's own edge lies on the frame: 1/2 mm in a cell of an inch, about what a border is left off by (ours). */
    public const ON_FRAME = 0.02;

    /** An end that comes no farther over a line than this ends at the line (ours). */
    public const STUB = 0.02;

    /** A shape or stroke wholly inside a cell that is shorter than this is a speck (ours). */
    public const SHORTEST_INSIDE = 0.15;

    /** How near to the path its pieces come, and what is no bulge to a pencil: a quarter of a millimetre in a cell of an inch (ours). */
    public const TRUE_TO = 0.01;

    /** A piece shorter than this is not told by itself (ours). */
    public const SHORTEST_PIECE = 0.06;

    /** A contour of more pieces than this is told from corner to corner: nobody keeps more in mind (ours). */
    public const MOST_PIECES = 4;

    /** Steps in which a path is gone along (ours). */
    public const EVEN = 0.012;

    /** Steps to either side over which a corner shows (ours). */
    public const CORNER_REACH = 5;

    /** Degrees: a sharper turn is a corner (ours). */
    public const CORNER = 40.0;

    /** A longer wait between two cells is a rest, not a cell: three quarters of an hour (ours). */
    public const REST_SECONDS = 2700;

    /** What a plain cell takes of the time of an average one: it is looked at, and left (ours). */
    public const PLAIN_CELL = 0.25;

    /** No cell takes more than so many average ones: where most are plain, the average says little (ours). */
    public const FULLEST_CELL = 3.0;

    /** So many cells hold the drawing in place without boxes: three by four, the coarsest grid in common use (common practice). */
    public const GRID_HOLDS = 12;

    /** Fewer cells in a row than this tell nothing of a pace: a median needs three (ours). */
    public const CELLS_THAT_TELL = 3;

    /** ΔE*ab under which an edge is lost: twice what is just seen side by side, 2.3 (M. Mahy, L. Van Eycken and A. Oosterlinck, Color Research and Application 19 (1994); from memory). */
    public const LOST_UNDER = 5.0;

    /** An edge that rises over more than this share of the drawing's longer side is soft: two lines of a pencil on a sheet of 11 in (ours). */
    public const SOFT_OVER = 0.006;

    /** So far to either side an edge is looked at, of the drawing's longer side (ours). */
    public const ACROSS_EDGE = 0.03;

    /** Steps along a contour at which its strength is taken, in shares of a cell's side (ours). */
    public const STRENGTH_STEP = 0.025;

    /** A stretch of another strength that is shorter than so many steps is none (ours). */
    public const SHORTEST_STRETCH = 4;

    /** So many key points are suggested at a time: as many as one places in one go (ours). */
    public const SUGGESTED = 6;

    /** A stretch of contour of so much of the drawing's longer side wants a key point: a quarter of it, over which an eye loses the way (ours). */
    public const UNGUARDED = 0.22;

    /** So far round it a key point holds a contour, of the longer side (ours). */
    public const HOLDS = 0.07;

    /** So many cells are proposed, with what is known of each: more are no proposal (ours). */
    public const RANKED = 3;

    /** How far a hand that draws reaches below its point, and to its own side, where it lies on the paper: millimetres, a palm and the ball of the thumb (ours). */
    public const HAND_MM = 90.0;

    /** How far a place may be off a cell’s sides and still be that cell (ours). */
    public const SAME_CELL = 0.04;

    /** How much of a cell settled places must fill for it to be settled: all but the above (ours). */
    public const WHOLE_CELL = 0.96;
}
