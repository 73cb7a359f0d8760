<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Grid\Division;

/** A line of a cell that is cut finer, as it lies on a board: from one side of its cell to the other, or as far as it runs on. */
final readonly class FinerLine
{
    /** @param  int  $cut  from 1: the first third of three is 1 */
    public function __construct(public Division $division, public int $cut, public Line $line)
    {
    }
}
