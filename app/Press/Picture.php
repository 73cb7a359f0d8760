<?php

declare(strict_types=1);

namespace App\Press;

/** A JPEG laid on a rectangle; measures in mm. */
final readonly class Picture
{
    public function __construct(public float $x, public float $y, public float $width, public float $height, public string $jpeg)
    {
    }
}
