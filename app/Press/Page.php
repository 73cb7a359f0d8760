<?php

declare(strict_types=1);

namespace App\Press;

/** A sheet to print: primitives in mm from its top left corner, pictures first and the strokes over them. */
final readonly class Page
{
    /** @param  list<Line|Text|Picture>  $marks */
    public function __construct(public string $title, public float $width, public float $height, public array $marks)
    {
    }
}
