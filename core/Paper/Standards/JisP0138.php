<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** JIS P 0138 B, the Japanese B series: half as large again in area as ISO A of the same number. */
final class JisP0138 implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Millimetre, 'JIS P 0138', [
            'jis-b0' => ['JIS B0', 1030, 1456],
            'jis-b1' => ['JIS B1', 728, 1030],
            'jis-b2' => ['JIS B2', 515, 728],
            'jis-b3' => ['JIS B3', 364, 515],
            'jis-b4' => ['JIS B4', 257, 364],
            'jis-b5' => ['JIS B5', 182, 257],
            'jis-b6' => ['JIS B6', 128, 182],
            'jis-b7' => ['JIS B7', 91, 128],
            'jis-b8' => ['JIS B8', 64, 91],
            'jis-b9' => ['JIS B9', 45, 64],
            'jis-b10' => ['JIS B10', 32, 45],
        ]);
    }
}
