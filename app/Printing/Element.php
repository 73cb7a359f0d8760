<?php

declare(strict_types=1);

namespace App\Printing;

/** Something that can be laid on a page: a line, a word, a filled box, a picture. All measures in mm. */
interface Element
{
    /** What it covers. */
    public function box(): Rectangle;

    public function movedBy(float $x, float $y): self;

    /** Lengthened along each axis about a point, for a printer that shortens. Type and the width of strokes stay as they are. */
    public function stretched(float $x, float $y, float $aboutX, float $aboutY): self;

    /** What of it lies inside a window; null when nothing does. */
    public function within(Rectangle $window): ?self;

    /** Seen in a mirror that stands at x = width ÷ 2; type stays readable. */
    public function mirrored(float $width): self;
}
