<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;

final class DiagonalsImpossible extends Impossible
{
    public static function forFrame(Size $frame): self
    {
        $expected = Length::mm(Rational::near($frame->diagonal(), 3));

        return new self('No frame of this size has such a diagonal; it should be near '.Fractions::places($expected->in(Unit::Inch), 2).' in ('.Fractions::places($expected->in(Unit::Centimetre), 1).' cm). Measure both again, corner to corner.');
    }

    public function choice(): string
    {
        return 'square.falling';
    }
}
