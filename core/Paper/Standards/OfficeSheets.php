<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** The loose sheets of North American printers. */
final class OfficeSheets implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Inch, 'common practice, office', [
            'letter' => ['Letter', '8.5', '11'],
            'legal' => ['Legal', '8.5', '14'],
            'tabloid' => ['Tabloid', '11', '17'],
        ]);
    }
}
