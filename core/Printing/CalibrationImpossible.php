<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Unit;

final class CalibrationImpossible extends Impossible
{
    private string $axis = 'across';

    /** @param  'across'|'down'  $axis */
    public static function tooFarOff(string $axis, Length $bar): self
    {
        $impossible = new self("The bar {$axis} is ".Fractions::places($bar->in(Unit::Millimetre), 1).' mm long; a printer is off by a few in a hundred, not by a fifth. Measure it again, and see that the page was not printed two to a sheet.');
        $impossible->axis = $axis;

        return $impossible;
    }

    public function choice(): string
    {
        return "printer.measured_{$this->axis}";
    }
}
