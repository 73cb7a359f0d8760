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

    /** A contour that leaves this near to a crossing leaves through it (ours). */
    public const SAME_CROSSING = 0.06;

    /** Shorter than this, a contour is not worth telling (ours). */
    public const SHORTEST_CONTOUR = 0.12;

    /** A bulge of less than this share of the straight way is none to a pencil (ours). */
    public const STRAIGHT = 0.03;

    /** A longer wait between two cells is a rest, not a cell: three quarters of an hour (ours). */
    public const REST_SECONDS = 2700;

    /** Fewer cells in a row than this tell nothing of a pace: a median needs three (ours). */
    public const CELLS_THAT_TELL = 3;

    /** How far a place may be off a cell’s sides and still be that cell (ours). */
    public const SAME_CELL = 0.04;

    /** How much of a cell settled places must fill for it to be settled: all but the above (ours). */
    public const WHOLE_CELL = 0.96;
}
