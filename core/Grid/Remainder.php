<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** What becomes of the strip that is left when squares do not come out even. */
enum Remainder: string
{
    /** Kept as partial cells at the far edge. */
    case Keep = 'keep';
    /** Neither drawn nor copied: picture and drawing area end at the last whole cell, and stay in the middle. */
    case Drop = 'drop';
    /** Kept as partial cells, half at either edge. */
    case Share = 'share';
    /** Spread over all cells, which are then not quite square. */
    case Absorb = 'absorb';
}
