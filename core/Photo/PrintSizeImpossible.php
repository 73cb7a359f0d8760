<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Impossible;
use InchLadder\Measure\Length;

final class PrintSizeImpossible extends Impossible
{
    public static function side(Length $side): self
    {
        return new self($side->isPositive()
            ? 'A print has sides from 1 mm to 20 m; measure it again, in the unit shown.'
            : 'A print cannot be 0 long; measure its two sides, like 5 in and 7 in, or say that you work from a screen.');
    }

    public function choice(): string
    {
        return 'photo.size';
    }
}
