<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Measure\Length;

/** Where a point came out on the drawing, by the ruler, from the drawing area's edges. */
final readonly class Drawn
{
    /** @param  Length|null  $left  null where it was not measured; one reading alone tells of one axis */
    public function __construct(public ?Length $left, public ?Length $top)
    {
    }
}
