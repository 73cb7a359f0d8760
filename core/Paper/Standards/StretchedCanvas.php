<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** Stretched canvases and panels, in inches. */
final class StretchedCanvas implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Inch, 'common practice', [
            'canvas-8x8' => ['Canvas 8 × 8 in', '8', '8'],
            'canvas-8x10' => ['Canvas 8 × 10 in', '8', '10'],
            'canvas-9x12' => ['Canvas 9 × 12 in', '9', '12'],
            'canvas-11x14' => ['Canvas 11 × 14 in', '11', '14'],
            'canvas-12x12' => ['Canvas 12 × 12 in', '12', '12'],
            'canvas-12x16' => ['Canvas 12 × 16 in', '12', '16'],
            'canvas-14x18' => ['Canvas 14 × 18 in', '14', '18'],
            'canvas-16x20' => ['Canvas 16 × 20 in', '16', '20'],
            'canvas-18x24' => ['Canvas 18 × 24 in', '18', '24'],
            'canvas-20x24' => ['Canvas 20 × 24 in', '20', '24'],
            'canvas-24x30' => ['Canvas 24 × 30 in', '24', '30'],
            'canvas-24x36' => ['Canvas 24 × 36 in', '24', '36'],
            'canvas-30x40' => ['Canvas 30 × 40 in', '30', '40'],
            'canvas-36x48' => ['Canvas 36 × 48 in', '36', '48'],
        ]);
    }
}
