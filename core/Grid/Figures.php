<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** What lines cost and how they show. None is published; each says why it is what it is. */
final class Figures
{
    /** A dozen lines take five to ten minutes to mark and rule (common practice). */
    public const LINES_TIMED = 12;

    /** As above. */
    public const FASTEST_MINUTES = 5;

    /** As above. */
    public const SLOWEST_MINUTES = 10;

    /** An eye places an edge in a cell to so many parts of its side (common practice). */
    public const EYE_PARTS = 10;

    /** Columns of the meshes that are laid side by side, from coarse to what a hand still rules (ours). */
    public const MESHES = [3, 4, 5, 6, 8, 10, 12, 16, 20];

    /** Cells of a grid with few, with a middling count, with many: a careful artist chooses 20 to 60 (ours). */
    public const DENSITIES = ['few' => 20, 'middling' => 40, 'many' => 90];

    /** A strip narrower than this share of a cell is no cell to copy in (ours). */
    public const SLIVER = '1/4';

    /** A line must show nearly everywhere, so a colour is judged by its poorest tenth (ours). */
    public const POOREST_SHARE = 0.1;
}
