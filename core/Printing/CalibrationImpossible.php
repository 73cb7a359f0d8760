<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Impossible;
use InchLadder\Measure\Length;

final class CalibrationImpossible extends Impossible
{
    /** @param  'across'|'down'  $axis */
    public static function tooFarOff(string $axis, Length $bar): self
    {
        return new self("too far off {$axis}", ['axis' => $axis, 'bar' => $bar]);
    }

    public function choice(): string
    {
        return 'printer.measured_'.$this->word('axis');
    }
}
