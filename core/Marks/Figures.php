<?php

declare(strict_types=1);

namespace InchLadder\Marks;

/** What is a slip and what a frame out of square. None is published; each says why it is what it is. */
final class Figures
{
    /** The diagonals of a frame that leans differ by less than this share of the longer one; more is a slip of the ruler (ours). */
    public const MOST_DIFFERENCE = 0.25;

    /** Millimetres; nothing shorter is laid along a line piece by piece (ours). */
    public const SHORTEST_RULER = 25;

    /** Degrees: arcs that cross at less fix no point, since where they cross slides along both (common practice). */
    public const ARCS_CROSS = 30.0;

    /** Points that stand first and are struck from; one does not look through all (ours). */
    public const ARCS_FROM = 12;
}
