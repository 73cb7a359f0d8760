<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** Photo prints and frames, in inches. */
final class PhotoPrints implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Inch, 'common practice', [
            'print-3.5x5' => ['Print 3½ × 5 in', '3.5', '5'],
            'print-4x6' => ['Print 4 × 6 in', '4', '6'],
            'print-5x7' => ['Print 5 × 7 in', '5', '7'],
            'print-8x10' => ['Print 8 × 10 in', '8', '10'],
            'print-8x12' => ['Print 8 × 12 in', '8', '12'],
        ]);
    }
}
