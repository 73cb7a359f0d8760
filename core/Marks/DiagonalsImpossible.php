<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

final class DiagonalsImpossible extends Impossible
{
    public static function forFrame(Size $frame): self
    {
        return new self('no such frame', ['diagonal' => Length::mm(Rational::near($frame->diagonal(), 3))]);
    }

    public function choice(): string
    {
        return 'square.falling';
    }
}
