<?php

declare(strict_types=1);

namespace App\Shots;

use InchLadder\Compare\SheetFinder;

/** A sheet found on a shot, the way up it is drawn. */
final readonly class FoundSheet
{
    /** @param  list<array{float, float}>  $corners  of the sheet, in pixels of the shot, clockwise from the top left as it is drawn */
    public function __construct(public array $corners, public SheetFinder $sheet)
    {
    }
}
