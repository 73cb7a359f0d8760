<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/** How drawings lie on sheets. None is published; each says why it is what it is. */
final class Figures
{
    /** Of the spare height, what lies above a picture lifted for a frame; the rest lies below (common practice). */
    public const OPTICAL_ABOVE = '9/20';

    /** A strip is so many times as long as it is wide: three pictures or verses side by side (ours). */
    public const STRIP = 3;

    /** Kept free at least, so that the edge does not crowd the drawing and tape has a hold: 1/4 in (common practice). */
    public const LEAST_MARGIN_MM = '127/20';

    /** A board is larger than its sheet by so much at every side: an inch, for clips, tape and the heel of a hand (common practice). */
    public const BOARD_BEYOND_MM = '127/5';

    /** Of a paper with so few sheets left it is said: one, and none for a slip (ours). */
    public const LOW_STOCK = 1;

    /** Sheets of about a size: up to so many doublings of its area larger or smaller, about a third to three times (ours). */
    public const ABOUT_DOUBLINGS = 1.5;

    /** Sheets that are offered first, by what one measures in: pads of these are sold everywhere (ours). */
    public const USUAL = ['in' => ['letter', 'tabloid', 'arch-c'], 'cm' => ['a4', 'a3', 'a2']];
}
