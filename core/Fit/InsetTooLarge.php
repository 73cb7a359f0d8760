<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

final class InsetTooLarge extends Impossible
{
    public static function beyond(Size $most): self
    {
        $in = static fn (Unit $unit, int $places): string => Fractions::places($most->width->in($unit), $places).' × '.Fractions::places($most->height->in($unit), $places).' '.$unit->value;

        return new self("The paper takes the whole photo at {$in(Unit::Inch, 2)} ({$in(Unit::Centimetre, 1)}) at most; choose a smaller size, or a larger sheet.");
    }

    public static function tooSmall(Size $most): self
    {
        return new self('That is too small to draw; the whole photo can be drawn from a twentieth of '.Fractions::places($most->width->in(Unit::Inch), 2).' in ('.Fractions::places($most->width->in(Unit::Centimetre), 1).' cm) wide.');
    }

    public function choice(): string
    {
        return 'fit.inset';
    }
}
