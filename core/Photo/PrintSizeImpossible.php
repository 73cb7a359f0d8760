<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Impossible;
use InchLadder\Measure\Length;

final class PrintSizeImpossible extends Impossible
{
    public static function side(Length $side): self
    {
        return new self($side->isPositive() ? 'no print' : 'nothing');
    }

    public function choice(): string
    {
        return 'photo.size';
    }
}
