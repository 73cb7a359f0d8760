<?php

declare(strict_types=1);

namespace App\Documents;

/** Choices in which everything placed has followed a change, and what is to be said of what could not. */
final readonly class Followed
{
    public function __construct(public ChoicesReader $read, public string $said = '')
    {
    }
}
