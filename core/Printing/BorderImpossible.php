<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

final class BorderImpossible extends Impossible
{
    public static function on(Size $paper): self
    {
        $most = Length::smaller($paper->width, $paper->height)->dividedBy(4);

        return new self('The printer’s border is from 0 to under a quarter of its paper, '.Fractions::places($most->in(Unit::Millimetre), 0).' mm here; most printers leave about 6 mm.');
    }

    public function choice(): string
    {
        return 'printer.border';
    }
}
