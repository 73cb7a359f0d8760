<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** Architectural drawing sheets, in inches. */
final class ArchitecturalSheets implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Inch, 'common practice', [
            'arch-a' => ['Arch A', '9', '12'],
            'arch-b' => ['Arch B', '12', '18'],
            'arch-c' => ['Arch C', '18', '24'],
            'arch-d' => ['Arch D', '24', '36'],
            'arch-e' => ['Arch E', '36', '48'],
            'arch-e1' => ['Arch E1', '30', '42'],
        ]);
    }
}
