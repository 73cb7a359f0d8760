<?php

declare(strict_types=1);

namespace App\Press;

/** A straight stroke; all measures in mm. */
final readonly class Line
{
    public function __construct(public float $x1, public float $y1, public float $x2, public float $y2, public float $width = 0.2, public string $colour = '#22201d')
    {
    }
}
