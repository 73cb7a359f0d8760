<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Unit;

final class SheetSizeOutOfBounds extends Impossible
{
    public static function side(Length $side): self
    {
        return new self('A side of '.Fractions::places($side->in(Unit::Centimetre), 1).' cm cannot be drawn on; a sheet has sides from 1 cm (3/8 in) to 20 m (65 ft).');
    }

    public function choice(): string
    {
        return 'paper.size';
    }
}
