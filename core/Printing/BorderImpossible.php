<?php

declare(strict_types=1);

namespace InchLadder\Printing;

use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

final class BorderImpossible extends Impossible
{
    public static function on(Size $paper): self
    {
        return new self('too wide', ['most' => Length::smaller($paper->width, $paper->height)->dividedBy(4)]);
    }

    public function choice(): string
    {
        return 'printer.border';
    }
}
