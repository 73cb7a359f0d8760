<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Measure\Length;

/** A place on the sheet where a point of the picture must come to lie, from the sheet's left and top edges. */
final readonly class Pin
{
    public function __construct(public Length $left, public Length $top)
    {
    }
}
