<?php

declare(strict_types=1);

namespace InchLadder\Plan;

/** What counts when a plan's rooms are looked at together. None is published; each says why it is what it is. */
final class Figures
{
    /** With fewer marked, the program chooses some more: the whole is told by many places better than by few (ours). */
    public const ENOUGH_MARKED = 12;

    /** Mm about a marked place in which it chooses none (ours). */
    public const BESIDE_MARKED = 12.0;

    /** A thing belongs to another whose box holds this share of its own (ours). */
    public const HELD = 0.9;

    /** What is larger than this share of the whole's box is the whole once more (ours). */
    public const PART = 0.6;

    /** A length no longer than this share of the whole's longer side tells of expression: an eye's opening, the width of a mouth (ours). */
    public const SMALL = 0.45;

    /** So many parts make a whole worth telling of (ours). */
    public const LEAST_PARTS = 2;

    /** Share of the crop's side by which a key point may lie beside the line: an eighth of an inch on a sheet of 10 in, as near as an eye sees it from a step off (ours). */
    public const BESIDE_PLUMB = 0.0125;

    /** Things told of before the first line: a handful of everything; more is not kept in mind (ours). */
    public const WARM_THINGS = 2;

    /** Parts of one, likewise (ours). */
    public const WARM_PARTS = 2;

    /** Lengths, likewise (ours). */
    public const WARM_LENGTHS = 2;

    /** Places in line, likewise (ours). */
    public const WARM_ALIGNED = 3;

    /** Mm: what ends nearer to a cut than this is at risk from the knife (ours). */
    public const NEAR_CUT = 5.0;
}
