<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** Why some artists take to a school, and why others do not; each a sentence in plain words (common practice). */
final readonly class Reasons
{
    public function __construct(public string $name, public string $for, public string $against)
    {
    }
}
