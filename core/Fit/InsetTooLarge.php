<?php

declare(strict_types=1);

namespace InchLadder\Fit;

use InchLadder\Impossible;
use InchLadder\Measure\Size;

final class InsetTooLarge extends Impossible
{
    public static function beyond(Size $most): self
    {
        return new self('beyond the paper', ['most' => $most]);
    }

    public static function tooSmall(Size $most): self
    {
        return new self('too small', ['widest' => $most->width]);
    }

    public function choice(): string
    {
        return 'fit.inset';
    }
}
