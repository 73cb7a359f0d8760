<?php

declare(strict_types=1);

namespace App\Printing;

/** One side of paper, ready for the printer: marks in mm from its top left corner, the later over the earlier. */
final readonly class Page
{
    /** @param  list<Element>  $marks */
    public function __construct(public string $title, public float $width, public float $height, public array $marks)
    {
    }
}
