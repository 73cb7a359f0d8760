<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Impossible;
use InchLadder\Measure\Length;

final class SheetSizeOutOfBounds extends Impossible
{
    public static function side(Length $side): self
    {
        return new self('no sheet', ['side' => $side]);
    }

    public function choice(): string
    {
        return 'paper.size';
    }
}
