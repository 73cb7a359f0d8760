<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** ASME Y14.1 drawing sheets A to E, in inches. */
final class AsmeY14 implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Inch, 'ASME Y14.1', [
            'asme-a' => ['ASME A', '8.5', '11'],
            'asme-b' => ['ASME B', '11', '17'],
            'asme-c' => ['ASME C', '17', '22'],
            'asme-d' => ['ASME D', '22', '34'],
            'asme-e' => ['ASME E', '34', '44'],
        ]);
    }
}
