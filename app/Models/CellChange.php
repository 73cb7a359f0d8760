<?php

declare(strict_types=1);

namespace App\Models;

use InchLadder\Copying\Place;

/** What is to be noted of a cell, so many seconds after it was done; what is null stays as it is. */
final readonly class CellChange
{
    public function __construct(public Place $place, public ?string $state = null, public ?bool $doubtful = null, public ?string $words = null, public ?int $reached = null, public int $ago = 0)
    {
    }
}
